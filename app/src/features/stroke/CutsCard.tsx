import { View } from 'react-native';
import type { StrokeAnalysis, StrokeCut } from '@open-palm/core/stroke';
import { ChartCard } from '../../foundation/charts/ChartCard';
import { CHART_BOX } from '../../foundation/charts/chartBox';
import { LineChart } from '../../foundation/charts/LineChart';
import { Button } from '../../foundation/kit/Button';
import { DragHandle } from '../../foundation/kit/DragHandle';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strokeWords } from '../../foundation/strings/stroke';
import { axisOf, subjectOf } from './strokeLines';

const words = strokeWords;
const HEIGHT = 150;

/** What a key moves a turn by, s, and how near to each other turns may come. */
const KEY_S = 0.02;
const APART_S = 0.1;

/** The take over time with the turns of the bow, which can be dragged. */
export function CutsCard({
  analysis,
  corrected,
  cursorS,
  onCuts,
  onDone,
}: {
  analysis: StrokeAnalysis;
  /** Whether the turns were moved by hand. */
  corrected: boolean;
  /** A time to be pointed at. */
  cursorS?: number | undefined;
  /** Null finds them again. */
  onCuts: (cuts: readonly StrokeCut[] | null) => void;
  /** What was moved may be written down: once a drag, at its end. */
  onDone: () => void;
}) {
  const tokens = useTokens();
  const { even, strokes } = analysis;
  const [start, end] = [even.timesS[0]!, even.timesS.at(-1)!];
  const turns = strokes.slice(1).map(({ fromS }) => fromS);
  const values = even.channels[subjectOf(analysis)]!;
  const share = (time: number) =>
    (CHART_BOX.left + ((time - start) / (end - start)) * CHART_BOX.width) / CHART_BOX.whole;
  const timeAt = (x: number) =>
    start + ((x * CHART_BOX.whole - CHART_BOX.left) / CHART_BOX.width) * (end - start);
  const automatic = () => {
    onCuts(null);
    onDone();
  };
  const move = (turn: number, to: number) => {
    const before = turn === 0 ? strokes[0]!.fromS : turns[turn - 1]!;
    const after = turns[turn + 1] ?? strokes.at(-1)!.toS;
    if (after - before < 2 * APART_S) return;
    const at = Math.min(after - APART_S, Math.max(before + APART_S, to));
    onCuts(
      strokes.map(({ fromS, toS, direction }, i) => ({
        fromS: i === turn + 1 ? at : fromS,
        toS: i === turn ? at : toS,
        direction,
      })),
    );
  };
  return (
    <ChartCard
      title={words.cuts.title}
      {...(turns.length > 0 ? { says: words.cuts.help } : {})}
      columns={[words.cuts.title, words.cuts.time]}
      rows={turns.map((time, i) => ({
        id: String(i),
        head: words.cuts.cut(i + 1),
        cells: [words.cuts.at(time)],
      }))}
    >
      <View>
        <LineChart
          label={words.cuts.picture}
          lines={[
            {
              id: 'wrist',
              mark: '',
              color: tokens.amber,
              points: even.timesS.map((time, i) => ({ x: time, y: values[i] ?? null })),
            },
          ]}
          xDomain={[start, end]}
          {...axisOf(values)}
          yWord="°"
          height={HEIGHT}
          {...(cursorS === undefined ? {} : { cursor: cursorS })}
          xWords={[
            { at: start, word: words.cuts.at(start) },
            { at: end, word: words.cuts.at(end) },
          ]}
          rulesX={turns.map((at) => ({ at, label: '', color: tokens.ink }))}
        />
        {turns.map((time, i) => (
          <DragHandle
            key={i}
            label={words.cuts.cut(i + 1)}
            at={{ x: share(time), y: 0.5 }}
            value={time * 100}
            valueText={words.cuts.at(time)}
            min={start * 100}
            max={end * 100}
            width={32}
            height={HEIGHT * 0.7}
            onMove={({ x }) => move(i, timeAt(x))}
            onStep={(steps) => {
              move(i, time + steps * KEY_S);
              onDone();
            }}
            onEnd={onDone}
          >
            <View
              style={{
                width: 14,
                height: 14,
                borderRadius: 7,
                borderWidth: 3,
                borderColor: tokens.amber,
                backgroundColor: tokens.card,
                marginLeft: 9,
                marginTop: HEIGHT * 0.35 - 7,
              }}
            />
          </DragHandle>
        ))}
      </View>
      {corrected ? <Button label={words.cuts.automatic} icon="undo" onPress={automatic} /> : null}
    </ChartCard>
  );
}
