import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import type { Measure } from '@open-palm/core/measure';
import { Card } from '../../kit/Card';
import { StateMark } from '../../kit/StateMark';
import { Text } from '../../kit/Text';
import { useTokens } from '../../kit/ThemeProvider';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';
import { valueWords, verdictMark, verdictWords } from '../../strings/measureWords';

const words = strings.handFile;

/** Judged measures that were taken twice: now and before, side by side. */
export function LatestAgainstPrevious({ lastSeen }: { lastSeen: HandFile['lastSeen'] }) {
  const twice = lastSeen.filter(
    ({ latest, previous }) => previous !== null && latest.measure.verdict !== 'none',
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
        <View key={latest.measure.id} style={{ gap: space(1) }}>
          <Text variant="small">{nameOf(latest.measure)}</Text>
          <View style={{ flexDirection: 'row', gap: space(3) }}>
            <Side title={words.before} measure={previous!.measure} quiet />
            <Side title={words.now} measure={latest.measure} />
          </View>
        </View>
      ))}
    </Card>
  );
}

/** A joint's bend needs its family beside it; the fingers' measures name their finger themselves. */
const nameOf = ({ id, family }: Measure) =>
  family === 'fingers'
    ? strings.measures[id]
    : `${strings.families[family]}: ${strings.measures[id].toLowerCase()}`;

function Side({
  title,
  measure,
  quiet = false,
}: {
  title: string;
  measure: Measure;
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
