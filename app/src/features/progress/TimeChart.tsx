import { ticks } from 'd3-array';
import { G, Line, Path, Rect } from 'react-native-svg';
import { axisDay } from '../../foundation/strings/dateWords';
import { ChartFrame } from '../../foundation/charts/ChartFrame';
import { AxisText } from '../../foundation/charts/chartParts';
import { linearScale } from '../../foundation/charts/linearScale';
import { stateColor, type MarkState } from '../../foundation/kit/StateMark';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { useWide } from '../../foundation/kit/useWide';
import { bandPath, dotPath, whiskerPath } from '@open-palm/core/track/chartPaths';
import type { ProgressPoint } from './progressPoints';

export interface TimeChartProps {
  label: string;
  points: readonly ProgressPoint[];
  /** From the first look to now. */
  span: readonly [number, number];
  /** A small one stands among others and has no numbers at its side. */
  small?: boolean;
  /** Words at the upright axis: numbers with this unit, or what is above and below its nought. */
  axis: { unit: string; heading: string } | { above: string; below: string };
  /** Planned changes, with a word each. */
  restarts: readonly { at: number; word: string }[];
  /** Since when it drifts. */
  driftFrom?: number;
  /** Looks that are compared. */
  cursors?: readonly number[];
}

const BOX = {
  small: { width: 176, height: 104, left: 8, right: 8, top: 10, bottom: 18, font: 11, r: 3.6 },
  wide: { width: 540, height: 200, left: 46, right: 12, top: 20, bottom: 24, font: 13, r: 4.4 },
  large: { width: 360, height: 176, left: 46, right: 12, top: 20, bottom: 24, font: 13, r: 4.4 },
};
/** With very many looks marks are smaller, so that they stay apart. */
const MANY = 90;
const DRAWN_STATES: readonly MarkState[] = ['none', 'unsure', 'in', 'out'];

/** Values over the weeks with their doubt, before the band that is wanted. One path for each kind of mark: hundreds of looks stay light. */
export function TimeChart({
  label,
  points,
  span,
  small = false,
  axis,
  restarts,
  driftFrom,
  cursors = [],
}: TimeChartProps) {
  const tokens = useTokens();
  const wide = useWide();
  const box = small ? BOX.small : wide ? BOX.wide : BOX.large;
  const [lo, hi] = valueSpan(points, 'above' in axis);
  const x = linearScale(span, [box.left + box.r, box.width - box.right - box.r]);
  const y = linearScale([lo, hi], [box.height - box.bottom, box.top]);
  const r = points.length > MANY ? box.r * 0.62 : box.r;
  const placed = points.map((point) => ({ ...point, x: x(point.at), y: y(point.value) }));
  const isRoom = 'above' in axis;
  const bottom = box.height - box.bottom;
  return (
    <ChartFrame
      label={label}
      box={box}
      x={x}
      y={y}
      grid={
        isRoom
          ? []
          : ticks(lo, hi, small ? 2 : 4).map((at) => ({
              at,
              word: `${at}${axis.unit}`.replace('-', '−'),
            }))
      }
      heading={isRoom || small ? '' : axis.heading}
      xWords={timeWords(span)}
      under={
        <>
          <Path
            d={bandPath(placed, y, [box.left, box.width - box.right], [box.top, bottom])}
            fill={tokens.in}
            opacity={0.14}
          />
          {driftFrom === undefined ? null : (
            <Rect
              x={x(driftFrom) - r}
              y={box.top}
              width={Math.max(2 * r, box.width - box.right - x(driftFrom) + r)}
              height={bottom - box.top}
              fill={tokens.amber}
              opacity={0.2}
            />
          )}
          <Line
            x1={box.left}
            x2={box.width - box.right}
            y1={bottom}
            y2={bottom}
            stroke={tokens.line}
            strokeWidth={1}
          />
        </>
      }
    >
      {isRoom ? (
        <G>
          <Line
            x1={box.left}
            x2={box.width - box.right}
            y1={y(0)}
            y2={y(0)}
            stroke={tokens.in}
            strokeWidth={1.2}
          />
          {small ? null : (
            <>
              <AxisText x={box.left - 4} y={y(0) - 6} anchor="end" tokens={tokens} size={12}>
                {axis.above}
              </AxisText>
              <AxisText x={box.left - 4} y={y(0) + 15} anchor="end" tokens={tokens} size={12}>
                {axis.below}
              </AxisText>
            </>
          )}
        </G>
      ) : null}
      {restarts.map(({ at, word }) => (
        <G key={`${at} ${word}`}>
          <Line
            x1={x(at)}
            x2={x(at)}
            y1={box.top - 4}
            y2={bottom}
            stroke={tokens.ink}
            strokeWidth={1.4}
            strokeDasharray="2 3"
          />
          {small ? null : (
            <AxisText
              x={x(at) + (x(at) > box.width * 0.6 ? -5 : 5)}
              y={box.top - 4}
              anchor={x(at) > box.width * 0.6 ? 'end' : 'start'}
              tokens={tokens}
              size={box.font}
            >
              {word}
            </AxisText>
          )}
        </G>
      ))}
      {cursors.map((at) => (
        <Line
          key={at}
          x1={x(at)}
          x2={x(at)}
          y1={box.top}
          y2={bottom}
          stroke={tokens.amber}
          strokeWidth={2.4}
          opacity={0.7}
        />
      ))}
      <Path
        d={whiskerPath(placed, y, [box.top, bottom])}
        stroke={tokens.inkSecond}
        strokeWidth={small ? 0.9 : 1.2}
        opacity={points.length > MANY ? 0.3 : 0.6}
        fill="none"
      />
      {DRAWN_STATES.map((state) => {
        const marks = placed.filter((point) => point.state === state);
        const color = stateColor(tokens, state);
        const isRing = state === 'none' || state === 'unsure';
        return marks.length === 0 ? null : (
          <G key={state}>
            <Path
              d={dotPath(marks, state === 'out' ? 'square' : 'disc', r)}
              fill={isRing ? tokens.card : color}
              stroke={isRing ? color : tokens.card}
              strokeWidth={isRing ? 1.3 : 0.6}
            />
            {state === 'unsure' ? <Path d={dotPath(marks, 'half', r)} fill={color} /> : null}
          </G>
        );
      })}
    </ChartFrame>
  );
}

/** What the upright axis spans: every value with its doubt, and the band that is wanted. */
function valueSpan(points: readonly ProgressPoint[], isRoom: boolean): [number, number] {
  const ends = points.flatMap(({ value, sd, lo, hi }) => [
    value - sd,
    value + sd,
    ...(lo === null ? [] : [lo]),
    ...(hi === null ? [] : [hi]),
  ]);
  const lo = Math.min(...ends, ...(isRoom ? [-1] : []));
  const hi = Math.max(...ends, ...(isRoom ? [1] : []));
  const pad = (hi - lo || 1) * 0.06;
  return [lo - pad, hi + pad];
}

/** Three dates along the level axis; with the year where they are far apart. */
function timeWords([from, to]: readonly [number, number]): { at: number; word: string }[] {
  const far = to - from > 300 * 86_400_000;
  const word = (at: number) => axisDay(at, far);
  const middle = (from + to) / 2;
  return [from, middle, to].map((at) => ({ at, word: word(at) }));
}
