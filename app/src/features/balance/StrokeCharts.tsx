import { CONTACTS, handOverMm, overStroke, type ContactName } from '@open-palm/core/balance';
import { ChartCard } from '../../foundation/charts/ChartCard';
import { LineChart } from '../../foundation/charts/LineChart';
import type { ChartLine } from '../../foundation/charts/lineChartProps';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Tokens } from '../../foundation/kit/tokens';
import { balanceWords } from '../../foundation/strings/balance';
import { contactLine } from './contactLine';
import { easeEnds, easeWords } from './strokeWords';
import type { BalanceModel } from './useBalance';

const words = balanceWords;

/** How high the upright axis is at least and at most, N: beyond, no hand goes. */
const LEAST_N = 4;
const MOST_N = 26;

/** How many rows the table has. */
const ROWS = 7;

/** Each finger's force from heel to point at the chosen loudness, and what would be the loudest at each place. */
export function StrokeCharts({ model }: { model: BalanceModel }) {
  const tokens = useTokens();
  const { now, preset, strength, state } = model;
  const thumbMm = now.hand.placesMm.thumb;
  const stroke = overStroke(now.setup, preset.heelMm - thumbMm, preset.pointMm - thumbMm, strength);
  const [heel, point] = [stroke[0]!.at, stroke.at(-1)!.at];
  const handOver = handOverMm({ ...now.setup, string: { forceN: state.forceN, atMm: 0 } });
  const ends = easeEnds(stroke, strength);
  const there = CONTACTS.filter(
    (contact) => contact === 'thumb' || now.setup.contacts[contact] !== undefined,
  );
  const lines = there
    .map((contact) => strokeLine(contact, stroke, tokens))
    .filter(({ points }) => points.some(({ y }) => (y ?? 0) > 0.05));
  const highest = Math.max(...lines.flatMap(({ points }) => points.map(({ y }) => y ?? 0)), 0);
  const xWords = [
    { at: heel, word: words.stroke.heel },
    { at: (heel + point) / 2, word: words.stroke.middle },
    { at: point, word: words.stroke.point },
  ];
  const sampled = Array.from(
    { length: ROWS },
    (_, i) => stroke[Math.round((i * (stroke.length - 1)) / (ROWS - 1))]!,
  );
  const place = (at: number) => words.mm(at + thumbMm);
  return (
    <>
      <ChartCard
        title={words.stroke.title}
        says={easeWords(stroke, strength)}
        columns={[words.stroke.place, ...there.map((contact) => contactLine(contact, tokens).mark)]}
        rows={sampled.map(({ at, answer }) => ({
          id: String(at),
          head: place(at),
          cells: there.map((contact) =>
            answer.feasible
              ? words.newton(Math.abs(answer.balance.shareN[contact] ?? 0))
              : balanceWords.idle,
          ),
        }))}
      >
        <LineChart
          label={words.stroke.picture}
          lines={lines}
          xDomain={[heel, point]}
          yMax={Math.min(MOST_N * strength, Math.max(LEAST_N * strength, highest * 1.05))}
          xWords={xWords}
          yWord="N"
          cursor={state.stringMm - thumbMm}
          rulesX={[
            ...(handOver === null
              ? []
              : [{ at: handOver, label: words.stroke.handOver, color: tokens.ink }]),
            ...(ends === null || ends === heel
              ? []
              : [{ at: ends, label: words.stroke.cap, color: tokens.out, dash: '6 3' }]),
          ]}
        />
      </ChartCard>
      <ChartCard
        title={words.stroke.loudestTitle}
        columns={[words.stroke.place, words.stroke.loudest]}
        rows={sampled.map(({ at, loudestN }) => ({
          id: String(at),
          head: place(at),
          cells: [words.newton(loudestN)],
        }))}
      >
        <LineChart
          label={words.stroke.loudestPicture}
          lines={[
            {
              id: 'loudest',
              mark: words.stroke.loudest.slice(0, 1).toUpperCase(),
              color: tokens.in,
              points: stroke.map(({ at, loudestN }) => ({ x: at, y: loudestN })),
            },
          ]}
          xDomain={[heel, point]}
          yMax={preset.stringN.loud * 2}
          xWords={xWords}
          yWord="N"
          height={150}
          cursor={state.stringMm - thumbMm}
          rulesY={[
            { at: state.forceN, label: words.stroke.played, color: tokens.ink, dash: '2 3' },
          ]}
        />
        <Text variant="small" second>
          {words.stroke.beyond}
        </Text>
      </ChartCard>
    </>
  );
}

function strokeLine(
  contact: ContactName,
  stroke: ReturnType<typeof overStroke>,
  tokens: Tokens,
): ChartLine {
  return {
    ...contactLine(contact, tokens),
    points: stroke.map(({ at, answer }) => ({
      x: at,
      y: answer.feasible ? Math.abs(answer.balance.shareN[contact] ?? 0) : null,
    })),
  };
}
