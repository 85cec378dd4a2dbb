import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import type { MergedMeasure } from '@open-palm/core/measure';
import { Card } from '../../kit/Card';
import { StateMark } from '../../kit/StateMark';
import { Text } from '../../kit/Text';
import { useTokens } from '../../kit/ThemeProvider';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';
import { measureName, valueWords, verdictMark, verdictWords } from '../../strings/measureWords';

const words = strings.handFile;

/** Judged measures that were taken twice: now and before, side by side. */
export function LatestAgainstPrevious({ lastSeen }: { lastSeen: HandFile['lastSeen'] }) {
  const twice = lastSeen.filter(
    ({ latest, previous }) => previous !== null && latest.merged.measure.verdict !== 'none',
  );
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2} style={{ fontSize: 18 }}>
        {words.change}
      </Text>
      {twice.length === 0 ? (
        <Text variant="small" second>
          {words.noChange}
        </Text>
      ) : null}
      {twice.map(({ latest, previous }) => (
        <View key={`${latest.merged.measure.id} ${latest.merged.place}`} style={{ gap: space(1) }}>
          <Text variant="small">{nameOf(latest.merged)}</Text>
          <View style={{ flexDirection: 'row', gap: space(3) }}>
            <Side title={words.before} measure={previous!.merged.measure} quiet />
            <Side title={words.now} measure={latest.merged.measure} />
          </View>
        </View>
      ))}
    </Card>
  );
}

/** With the place, where a measure is told for each place apart. */
const nameOf = ({ measure: { id }, place }: MergedMeasure) =>
  place === null ? measureName(id) : `${measureName(id)}, ${strings.places[place]}`;

function Side({
  title,
  measure,
  quiet = false,
}: {
  title: string;
  measure: MergedMeasure['measure'];
  quiet?: boolean;
}) {
  const tokens = useTokens();
  return (
    <View
      style={{
        flex: 1,
        padding: space(2),
        borderRadius: space(2),
        backgroundColor: quiet ? 'transparent' : tokens.ground,
        borderWidth: 1,
        borderColor: tokens.line,
      }}
    >
      <Text variant="label" second>
        {title}
      </Text>
      <Text variant="figure">{valueWords(measure)}</Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(1) }}>
        <StateMark state={verdictMark(measure.verdict)} size={14} />
        <Text variant="small">{verdictWords(measure)}</Text>
      </View>
    </View>
  );
}
