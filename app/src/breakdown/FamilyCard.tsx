import { View } from 'react-native';
import type { Family, Measure, NotMeasured, Standing } from '@open-palm/core/measure';
import { Card } from '../kit/Card';
import { StateMark } from '../kit/StateMark';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import {
  bandWords,
  measureNote,
  notMeasuredWords,
  valueWords,
  verdictMark,
  verdictWords,
} from '../strings/measureWords';

/** One of the four families: where it stands, and the numbers that say so. */
export function FamilyCard({
  family,
  standing,
  measures,
  notMeasured,
  whole,
}: {
  family: Family;
  standing: Standing;
  measures: readonly Measure[];
  notMeasured: readonly NotMeasured[];
  /** With the numbers that have no verdict, and what was not measured. */
  whole: boolean;
}) {
  // Numbers that nobody judges wait for "every number", unless they are all there is.
  const judged = measures.filter((measure) => measure.verdict !== 'none');
  const shown = whole || judged.length === 0 ? measures : judged;
  const missing = whole ? notMeasured : [];
  return (
    <Card style={{ gap: space(2), flexGrow: 1, flexBasis: 300 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <StateMark state={standing} size={20} />
        <Text variant="strong" level={3} style={{ fontSize: 18, flex: 1 }}>
          {strings.families[family]}
        </Text>
        <Text variant="small" second>
          {strings.standings[standing]}
        </Text>
      </View>
      {shown.map((measure) => (
        <MeasureRow key={measure.id} measure={measure} />
      ))}
      {shown.length === 0 && missing.length === 0 ? (
        <Text variant="small" second>
          {strings.result.nothingSeen}
        </Text>
      ) : null}
      {missing.map((outcome) => (
        <View key={outcome.id} style={{ flexDirection: 'row', gap: space(2) }}>
          <StateMark state="notSeen" size={14} />
          <Text variant="small" second style={{ flex: 1 }}>
            {`${strings.measures[outcome.id]}: ${notMeasuredWords(outcome)}`}
          </Text>
        </View>
      ))}
    </Card>
  );
}

/** A measure: its name and value, what was wanted, the verdict in shape and word. */
export function MeasureRow({ measure }: { measure: Measure }) {
  const tokens = useTokens();
  const band = bandWords(measure);
  const note = measureNote(measure);
  const mark = verdictMark(measure.verdict);
  return (
    <View style={{ borderTopWidth: 1, borderColor: tokens.line, paddingTop: space(2) }}>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
        <Text variant="small" style={{ flex: 1 }}>
          {strings.measures[measure.id]}
        </Text>
        <Text variant="figure">{valueWords(measure)}</Text>
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <StateMark state={mark} size={14} />
        <Text variant="label" color={mark === 'none' ? tokens.inkSecond : tokens[mark]}>
          {verdictWords(measure)}
        </Text>
        <Text variant="small" second style={{ flex: 1, textAlign: 'right' }}>
          {band === null ? strings.result.noBand : strings.result.wanted(band)}
        </Text>
      </View>
      {note === null ? null : (
        <Text variant="small" second>
          {note}
        </Text>
      )}
    </View>
  );
}
