import { bandFor, type Hold } from '@open-palm/core/holds';
import type { Place } from '@open-palm/core/measure';
import type { StrokeAnalysis } from '@open-palm/core/stroke';
import { ChartCard } from '../../foundation/charts/ChartCard';
import { LineChart } from '../../foundation/charts/LineChart';
import type { ChartBand } from '../../foundation/charts/lineChartProps';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strokeWords } from '../../foundation/strings/stroke';
import { axisOf, frameNearest, knowsPlace, strokeLines, subjectOf } from './strokeLines';

const words = strokeWords;

/** Where the parts of the bow lie on the axis. */
const PARTS: readonly (readonly [Place, number, number])[] = [
  ['heel', 0, 0.2],
  ['middle', 0.4, 0.6],
  ['point', 0.8, 1],
];

/** The wrist from heel to point, strokes laid over each other, another take's thin and dashed beneath. */
export function CurveCard({
  analysis,
  other,
  hold,
  cursorS,
}: {
  analysis: StrokeAnalysis;
  other: StrokeAnalysis | null;
  hold: Hold;
  /** A time in the take to be pointed at. */
  cursorS?: number | undefined;
}) {
  const tokens = useTokens();
  const byPlace = knowsPlace(analysis);
  const lines = strokeLines(analysis);
  const others = other && knowsPlace(other) === byPlace ? strokeLines(other) : [];
  const subject = subjectOf(analysis);
  const bands = byPlace ? bandsOf(hold, subject) : [];
  const cursor = cursorS === undefined ? undefined : cursorAt(analysis, cursorS);
  const titles = subject === 'bowSkew' ? words.path : words.curve;
  const values = [...lines, ...others].flatMap(({ points }) => points.map(({ y }) => y));
  return (
    <ChartCard
      title={byPlace ? titles.title : words.curve.titleByTime}
      {...(byPlace ? {} : { says: words.curve.byTime })}
      columns={[words.curve.place, ...lines.map((_, i) => words.curve.stroke(i + 1)).slice(0, 4)]}
      rows={tableRows(lines.slice(0, 4))}
    >
      <LineChart
        label={titles.picture}
        lines={[
          ...others.map(({ id, points }) => ({
            id: `other ${id}`,
            mark: '',
            color: tokens.notSeen,
            dash: '3 4',
            points,
          })),
          ...lines.map(({ id, points }) => ({ id, mark: '', color: tokens.amber, points })),
        ]}
        xDomain={[0, 1]}
        {...axisOf(
          values,
          bands.flatMap(({ lo, hi }) => [lo, hi]),
        )}
        yWord="°"
        bands={bands}
        {...(cursor == null ? {} : { cursor })}
        rulesY={[
          {
            at: 0,
            label: subject === 'bowSkew' ? words.path.square : words.straight,
            color: tokens.inkSecond,
            dash: '1 0',
          },
        ]}
        xWords={
          byPlace
            ? [
                { at: 0, word: words.places.heel },
                { at: 0.5, word: words.places.middle },
                { at: 1, word: words.places.point },
              ]
            : [
                { at: 0, word: words.curve.begin },
                { at: 1, word: words.curve.end },
              ]
        }
      />
    </ChartCard>
  );
}

/** Where on the axis a time is: the bow's place then, or how far the stroke has gone. */
function cursorAt({ even, strokes }: StrokeAnalysis, timeS: number): number | null {
  const { timesS, channels } = even;
  const nearest = frameNearest(timesS, timeS);
  if (channels.bowPlace) return channels.bowPlace[nearest] ?? null;
  const stroke = strokes.find(({ fromS, toS }) => timeS >= fromS && timeS <= toS);
  return stroke ? (timeS - stroke.fromS) / (stroke.toS - stroke.fromS) : null;
}

function bandsOf(hold: Hold, measure: 'wristFlexion' | 'bowSkew'): ChartBand[] {
  return PARTS.flatMap(([place, from, to]) => {
    const band = bandFor(hold, measure, place);
    return band && !('allowed' in band) ? [{ from, to, lo: band.lo, hi: band.hi }] : [];
  });
}

/** At fifths of the way, what each stroke is nearest there. */
function tableRows(lines: ReturnType<typeof strokeLines>) {
  return [0, 0.2, 0.4, 0.6, 0.8, 1].map((at) => ({
    id: String(at),
    head: `${Math.round(at * 100)} %`,
    cells: lines.map(({ points }) => {
      const known = points.filter(({ y }) => y !== null);
      if (known.length === 0) return words.notSeen;
      const nearest = known.reduce((best, point) =>
        Math.abs(point.x - at) < Math.abs(best.x - at) ? point : best,
      );
      return words.deg(nearest.y!);
    }),
  }));
}
