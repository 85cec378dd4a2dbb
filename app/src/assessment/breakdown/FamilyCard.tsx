import { View } from 'react-native';
import type {
  Family,
  MergedMeasure,
  NotMeasured,
  Standing,
  View as PictureView,
} from '@open-palm/core/measure';
import { Card } from '../../foundation/kit/Card';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { notMeasuredWords } from '../../foundation/strings/measureWords';
import { MeasureRow } from './MeasureRow';

/** One of the four families: where it stands, and the numbers that say so. */
export function FamilyCard({
  family,
  standing,
  measures,
  notMeasured,
  views = [],
  whole,
}: {
  family: Family;
  standing: Standing;
  measures: readonly MergedMeasure[];
  notMeasured: readonly NotMeasured[];
  views?: readonly PictureView[];
  /** With the numbers that have no verdict, and what was not measured. */
  whole: boolean;
}) {
  // Numbers that nobody judges wait for "every number", unless they are all there is.
  const judged = measures.filter(({ measure }) => measure.verdict !== 'none');
  const shown = whole || judged.length === 0 ? measures : judged;
  const missing = whole ? notMeasured : [];
  return (
    <Card style={{ gap: space(2), flexGrow: 1, flexBasis: 300, maxWidth: '100%' }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
        <StateMark state={standing} size={20} />
        <Text variant="strong" level={3} style={{ fontSize: 18, flex: 1 }}>
          {strings.families[family]}
        </Text>
        <Text variant="small" second>
          {strings.standings[standing]}
        </Text>
      </View>
      {shown.map((merged) => (
        <MeasureRow key={`${merged.measure.id} ${merged.place}`} merged={merged} views={views} />
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
