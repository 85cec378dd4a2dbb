import { View } from 'react-native';
import type { LogEntryOf } from '@open-palm/contract';
import { openPainFlags } from '@open-palm/records/log';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { Button } from '../../foundation/kit/Button';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';

const words = strings.painFlags;

/** At the head of every step of a look: pain and numbness are one tap away, whatever one is at. */
export function PainBar({
  log,
  note,
  onHurt: onPain,
}: {
  log: LessonLog;
  /** Something to know meanwhile. */
  note: string | null;
  onHurt: (what: LogEntryOf<'hurt'>['what']) => void;
}) {
  const tokens = useTokens();
  const [hurting] = openPainFlags(log.entries);
  return (
    <View
      role="region"
      aria-label={words.title}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        justifyContent: 'flex-end',
        gap: space(1),
        paddingHorizontal: space(3),
        backgroundColor: tokens.ground,
        borderBottomWidth: 1,
        borderColor: tokens.line,
      }}
    >
      <Text
        variant="label"
        second={!hurting}
        lines={2}
        {...(hurting ? { color: tokens.out } : {})}
        style={{ flex: 1 }}
      >
        {hurting ? words.notes[hurting.what] : (note ?? '')}
      </Text>
      <Button label={words.pain} onPress={() => onPain('pain')} quiet compact />
      <Button label={words.numb} onPress={() => onPain('numb')} quiet compact />
    </View>
  );
}
