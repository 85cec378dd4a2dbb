import { memo } from 'react';
import { ScrollView, View } from 'react-native';
import type { Measure } from '@open-palm/core/measure';
import { StateMark, type MarkState, verdictMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { measureName, valueWords, verdictWords } from '../../foundation/strings/measureWords';

/** What can already be computed, while points are set and dragged. */
export const LiveNumbers = memo(function LiveNumbers({
  measures,
}: {
  measures: readonly Measure[];
}) {
  return (
    <ScrollView
      role="region"
      aria-label={strings.measure.numbers}
      tabIndex={0}
      style={{ flex: 1, minHeight: measures.length === 0 ? 36 : 68 }}
      contentContainerStyle={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        gap: space(2),
        padding: space(2),
      }}
    >
      {measures.length === 0 ? (
        <Text variant="small" second>
          {strings.measure.noNumbers}
        </Text>
      ) : null}
      {measures.map((measure) => (
        <LiveNumber
          key={measure.id}
          name={measureName(measure.id)}
          mark={verdictMark(measure.verdict)}
          value={valueWords(measure)}
          verdict={measure.verdict === 'none' ? '' : verdictWords(measure)}
        />
      ))}
    </ScrollView>
  );
});

// Words instead of the measure, so that a number whose words stay the same is not drawn anew.
const LiveNumber = memo(function LiveNumber({
  name,
  mark,
  value,
  verdict,
}: {
  name: string;
  mark: MarkState;
  value: string;
  verdict: string;
}) {
  const tokens = useTokens();
  return (
    <View
      style={{
        flexGrow: 1,
        flexBasis: 150,
        borderRadius: 10,
        borderWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.card,
        paddingHorizontal: space(2),
        paddingVertical: space(1),
      }}
    >
      <Text variant="label" second lines={1}>
        {name}
      </Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(1) }}>
        <StateMark state={mark} size={14} />
        <Text variant="strong">{value}</Text>
        {verdict === '' ? null : <Text variant="small">{verdict}</Text>}
      </View>
    </View>
  );
});
