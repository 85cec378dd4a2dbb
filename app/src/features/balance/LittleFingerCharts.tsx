import {
  comfortCapN,
  overPlaces,
  overTipRaise,
  type CoursePoint,
  type TipRaiseStart,
} from '@open-palm/core/balance';
import { ChartCard } from '../../foundation/charts/ChartCard';
import { LineChart } from '../../foundation/charts/LineChart';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import { contactLine } from './contactLine';
import type { BalanceModel } from './useBalance';

const words = balanceWords;

/** Points that a phone shows of these smooth lines. */
const POINTS = 46;
const ROWS = 7;
const LEAST_N = 4;

/** What the little finger carries from level to upright, and with the hand further up the stick. */
export function LittleFingerCharts({
  model,
  start,
}: {
  model: BalanceModel;
  start: TipRaiseStart;
}) {
  const { now, strength, hold, state } = model;
  const tokens = useTokens();
  if (now.setup.contacts.little === undefined) return null;
  const raise = overTipRaise(now.setup, POINTS);
  const places = overPlaces(now.setup, POINTS);
  const cap = comfortCapN('little', strength);
  const highest = Math.max(...[...raise, ...places].map((point) => loadOf(point) ?? 0));
  const common = {
    yMax: Math.max(LEAST_N * strength, highest * 1.1),
    yWord: 'N',
    height: 160,
    rulesY: [{ at: cap, label: words.cap, color: tokens.out }],
  };
  const most = places.at(-1)!.at;
  return (
    <>
      <ChartCard
        title={words.raise.title}
        columns={[words.raise.angle, strings.contacts.little]}
        rows={rowsOf(raise, (at) => `${Math.round(at)}°`)}
      >
        <LineChart
          {...common}
          label={words.raise.picture}
          lines={[{ ...contactLine('little', tokens), points: pointsOf(raise) }]}
          xDomain={[0, 90]}
          xWords={[
            { at: 0, word: words.raise.level },
            { at: 45, word: '45°' },
            { at: 90, word: words.raise.upright },
          ]}
          {...(state.onString ? {} : { cursor: state.tiltDeg })}
          rulesX={
            start.kind === 'upright'
              ? [{ at: start.lowestDeg, label: `${start.lowestDeg}°`, color: tokens.ink }]
              : []
          }
        />
      </ChartCard>
      {hold.hand === 'over' && most > 0 ? (
        <ChartCard
          title={words.places.title}
          columns={[words.places.place, strings.contacts.little]}
          rows={rowsOf(places, words.mm)}
        >
          <LineChart
            {...common}
            label={words.places.picture}
            lines={[{ ...contactLine('little', tokens), points: pointsOf(places) }]}
            xDomain={[0, most]}
            xWords={[
              { at: 0, word: words.places.here },
              { at: most, word: words.places.balance },
            ]}
            rulesX={
              start.kind === 'upTheStick'
                ? [{ at: start.placesMm[0]!, label: words.places.start, color: tokens.ink }]
                : []
            }
          />
        </ChartCard>
      ) : null}
    </>
  );
}

const loadOf = ({ answer }: CoursePoint): number | null =>
  answer.feasible ? (answer.balance.shareN.little ?? 0) : null;

const pointsOf = (course: readonly CoursePoint[]) =>
  course.map((point) => ({ x: point.at, y: loadOf(point) }));

const rowsOf = (course: readonly CoursePoint[], head: (at: number) => string) =>
  Array.from({ length: ROWS }, (_, i) => {
    const point = course[Math.round((i * (course.length - 1)) / (ROWS - 1))]!;
    const load = loadOf(point);
    return {
      id: String(point.at),
      head: head(point.at),
      cells: [load === null ? balanceWords.idle : words.newton(load)],
    };
  });
