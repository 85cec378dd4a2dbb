import { useState } from 'react';
import { View } from 'react-native';
import { FAMILIES, type Family, type MergedMeasure, type Standing } from '@open-palm/core/measure';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { StateMark } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { CheckpointLine } from './CheckpointLine';

/** The four families of a hold, a line a checkpoint; what stands behind a line is a tap away. */
export function BreakdownLines({
  measures,
  standings,
}: {
  measures: readonly MergedMeasure[];
  standings: Record<Family, Standing>;
}) {
  const [whole, setWhole] = useState(false);
  // Numbers that nobody judges wait for "every number".
  const isJudged = ({ measure }: MergedMeasure) => measure.verdict !== 'none';
  return (
    <Card style={{ gap: space(3) }}>
      {FAMILIES.map((family) => {
        const all = measures.filter(({ measure }) => measure.family === family);
        const judged = all.filter(isJudged);
        return (
          <View key={family} style={{ gap: space(1) }}>
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: space(2) }}>
              <StateMark state={standings[family]} size={18} />
              <Text variant="strong" level={3} style={{ flex: 1 }}>
                {strings.families[family]}
              </Text>
              <Text variant="small" second>
                {strings.standings[standings[family]]}
              </Text>
            </View>
            {(whole || judged.length === 0 ? all : judged).map((merged) => (
              <CheckpointLine key={`${merged.measure.id} ${merged.place}`} merged={merged} />
            ))}
          </View>
        );
      })}
      {measures.every(isJudged) ? null : (
        <Button
          label={whole ? strings.result.less : strings.result.more}
          icon={whole ? 'chevron-up' : 'chevron-down'}
          compact
          quiet
          onPress={() => setWhole(!whole)}
        />
      )}
    </Card>
  );
}
