import { memo } from 'react';
import { ScrollView, View } from 'react-native';
import type { Measure } from '@open-palm/core/measure';
import { StateMark } from '../../../kit/StateMark';
import { Text } from '../../../kit/Text';
import { useTokens } from '../../../kit/ThemeProvider';
import { space } from '../../../kit/tokens';
import { strings } from '../../../strings';
import { valueWords, verdictMark, verdictWords } from '../../../strings/measureWords';

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
      style={{ flex: 1, minHeight: 68 }}
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
        <LiveNumber key={measure.id} measure={measure} />
      ))}
    </ScrollView>
  );
});

function LiveNumber({ measure }: { measure: Measure }) {
  const tokens = useTokens();
  const ofFingers = measure.family === 'fingers';
  const name = strings.measures[measure.id];
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
        {ofFingers ? name : `${strings.families[measure.family]}: ${name.toLowerCase()}`}
      </Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(1) }}>
        <StateMark state={verdictMark(measure.verdict)} size={14} />
        <Text variant="strong">{valueWords(measure)}</Text>
        {measure.verdict === 'none' ? null : <Text variant="small">{verdictWords(measure)}</Text>}
      </View>
    </View>
  );
}
