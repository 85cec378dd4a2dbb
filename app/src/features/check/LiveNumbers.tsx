import { memo } from 'react';
import { ScrollView, View } from 'react-native';
import type { Measure } from '@open-palm/core/measure';
import { ValueScale } from '../../assessment/breakdown/ValueScale';
import { StateMark, type MarkState, verdictMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import {
  briefWords,
  measureName,
  shownNumber,
  verdictWords,
} from '../../foundation/strings/measureWords';

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
          value={briefWords(measure)}
          verdict={measure.verdict === 'none' ? '' : verdictWords(measure)}
          {...scaleOf(measure)}
        />
      ))}
    </ScrollView>
  );
});

/** A value on its band as plain numbers, as fine as the words tell it. */
function scaleOf(measure: Measure) {
  if (measure.kind !== 'number' || !measure.band) return {};
  const { value, sd, unit, band } = measure;
  return { at: shownNumber(value, unit), sd: shownNumber(sd, unit), lo: band.lo, hi: band.hi };
}

// Words instead of the measure, so that a number whose words stay the same is not drawn anew.
const LiveNumber = memo(function LiveNumber({
  name,
  mark,
  value,
  verdict,
  at,
  sd,
  lo,
  hi,
}: {
  name: string;
  mark: MarkState;
  value: string;
  verdict: string;
  /** As far as it is shown; missing for what has no band. */
  at?: number;
  sd?: number;
  lo?: number | undefined;
  hi?: number | undefined;
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
        {at === undefined ? <StateMark state={mark} size={14} /> : null}
        <Text variant="strong">{value}</Text>
        {verdict === '' ? null : <Text variant="small">{verdict}</Text>}
      </View>
      {at === undefined || sd === undefined ? null : (
        <ValueScale
          value={at}
          sd={sd}
          band={{ ...(lo === undefined ? {} : { lo }), ...(hi === undefined ? {} : { hi }) }}
          state={mark}
        />
      )}
    </View>
  );
});
