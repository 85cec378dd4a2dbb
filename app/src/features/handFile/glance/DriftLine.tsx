import { Pressable } from 'react-native';
import { Icon } from 'react-native-paper';
import { useStudents } from '../../../foundation/api/queries';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';
import { seriesName } from '../../../foundation/strings/measureWords';

const words = strings.handFile;

/** That the hold slides, in one line, as the list tells it; the weeks show it. */
export function DriftLine({
  studentId,
  setupId,
  now,
  onWeeks,
}: {
  studentId: string;
  setupId: string;
  now: Date;
  onWeeks: () => void;
}) {
  const tokens = useTokens();
  const { data } = useStudents();
  const tracks = data?.students.find(({ student }) => student.id === studentId)?.tracks ?? [];
  const drifts = tracks.find((track) => track.setupId === setupId)?.drifts ?? [];
  const [first] = drifts;
  if (!first) return null;
  const said = strings.today.reasons.drift(seriesName(first.series), dateWords(first.sinceOn, now));
  return (
    <Pressable
      role="button"
      aria-label={words.seeDrift(said)}
      onPress={onWeeks}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: space(2),
        minHeight: 48,
        paddingHorizontal: space(3),
        borderLeftWidth: 4,
        borderRadius: RADIUS,
        borderColor: tokens.amber,
        backgroundColor: tokens.amberGround,
      }}
    >
      <Text variant="small" style={{ flex: 1 }}>
        {said}
      </Text>
      <Icon source="chevron-right" size={20} color={tokens.ink} />
    </Pressable>
  );
}
