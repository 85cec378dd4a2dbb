import type { Range, StrokeAnalysis } from '@open-palm/core/stroke';
import { NumberTable, type TableRow } from '../../foundation/charts/NumberTable';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strokeWords } from '../../foundation/strings/stroke';

const words = strokeWords;

/** Everything that a take tells, as numbers with their doubts. */
export function StrokeNumbers({ analysis }: { analysis: StrokeAnalysis }) {
  const { ranges, means, skew, steeringShare, smoothness } = analysis;
  const row = (id: string, head: string, cell: string | null): TableRow[] =>
    cell === null ? [] : [{ id, head, cells: [cell] }];
  const range = (range: Range | undefined) => (range ? words.told(range.deg, range.sd) : null);
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="strong" level={2}>
        {words.numbers.title}
      </Text>
      <NumberTable
        label={words.numbers.title}
        columns={[words.numbers.what, words.numbers.value]}
        rows={[
          ...row('wrist', words.numbers.range, range(ranges.wristFlexion)),
          ...(['heel', 'middle', 'point'] as const).flatMap((place) =>
            row(
              place,
              words.numbers.meanAt(words.places[place]),
              means[place] && words.told(means[place].deg, means[place].sd),
            ),
          ),
          ...(['heel', 'middle', 'point'] as const).flatMap((place) =>
            row(
              `skew ${place}`,
              words.numbers.skewAt(words.places[place]),
              skew[place] && words.told(skew[place].deg, skew[place].sd),
            ),
          ),
          ...row('skew', words.numbers.skew, range(ranges.bowSkew)),
          ...row('deviation', words.numbers.deviation, range(ranges.wristDeviation)),
          ...row('thumb', words.numbers.thumb, range(ranges.thumbIp)),
          ...row('little', words.numbers.little, range(ranges.littlePip)),
          ...row(
            'share',
            words.numbers.share,
            steeringShare === null ? null : words.numbers.percent(steeringShare),
          ),
          ...row(
            'smooth',
            words.numbers.smooth,
            smoothness && words.numbers.smoothOf(smoothness.value, smoothness.floor),
          ),
        ]}
      />
    </Card>
  );
}
