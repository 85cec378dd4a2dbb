import { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { useTokens } from '../kit/ThemeProvider';
import { FONTS, type Tokens } from '../kit/tokens';
import { CHART_MARGIN, CHART_ROW, CHART_TOP, CHART_WIDTH } from './chartBox';
import type { ChartLine, ChartRule } from './lineChartProps';

/** A line's mark, where it stands highest; those of lines that meet are set beside each other. */
export function LineMark({
  drawn: { mark, color, points },
  place,
  yMin,
  yMax,
  x,
  y,
  tokens,
}: {
  drawn: ChartLine;
  place: number;
  yMin: number;
  yMax: number;
  x: (value: number) => number;
  y: (value: number) => number;
  tokens: Tokens;
}) {
  const drawn = points.filter((point) => point.y !== null && point.y > yMin && point.y <= yMax);
  if (drawn.length === 0) return null;
  const highest = Math.max(...drawn.map((point) => point.y!));
  const top = drawn.findIndex((point) => point.y === highest);
  // Off the very end, where marks would be cut, and each a little further in than the one before.
  const inward = Math.round(drawn.length * 0.06) * (place % 3);
  const at =
    drawn[
      top > drawn.length / 2
        ? Math.max(0, top - 4 - inward)
        : Math.min(drawn.length - 1, top + 3 + inward)
    ]!;
  return (
    <G>
      <Rect
        x={x(at.x) - 10}
        y={y(at.y!) - 9}
        width={20}
        height={17}
        rx={8}
        fill={tokens.card}
        stroke={color}
        strokeWidth={1.4}
      />
      <SvgText
        x={x(at.x)}
        y={y(at.y!) + 4}
        fontSize={12}
        fontFamily={FONTS.strong}
        textAnchor="middle"
        fill={tokens.ink}
      >
        {mark}
      </SvgText>
    </G>
  );
}

/** Keeps a word readable over lines. */
const halo = (tokens: Tokens) =>
  ({ stroke: tokens.card, strokeWidth: 4, paintOrder: 'stroke' }) as object;

export function LevelRule({
  rule: { label, color, dash = '5 4' },
  y,
}: {
  rule: ChartRule;
  y: number;
}) {
  const tokens = useTokens();
  return (
    <G>
      <Line
        x1={CHART_MARGIN.left}
        x2={CHART_WIDTH - CHART_MARGIN.right}
        y1={y}
        y2={y}
        stroke={color}
        strokeWidth={1.6}
        strokeDasharray={dash}
      />
      <SvgText
        x={CHART_WIDTH - CHART_MARGIN.right}
        y={y - 4}
        fontSize={13}
        fontFamily={FONTS.text}
        textAnchor="end"
        fill={color}
        {...halo(tokens)}
      >
        {label}
      </SvgText>
    </G>
  );
}

/** Its word stands above the lines, in a row of its own. */
export function UprightRule({
  rule: { label, color, dash = '2 3' },
  x,
  row,
  bottom,
}: {
  rule: ChartRule;
  x: number;
  row: number;
  bottom: number;
}) {
  const onLeft = x > CHART_WIDTH * 0.6;
  const level = CHART_TOP + CHART_ROW * row;
  return (
    <G>
      <Line
        x1={x}
        x2={x}
        y1={level - 8}
        y2={bottom}
        stroke={color}
        strokeWidth={1.8}
        strokeDasharray={dash}
      />
      <SvgText
        x={onLeft ? x - 5 : x + 5}
        y={level + 2}
        fontSize={13}
        fontFamily={FONTS.text}
        textAnchor={onLeft ? 'end' : 'start'}
        fill={color}
      >
        {label}
      </SvgText>
    </G>
  );
}

export function AxisText({
  x,
  y,
  anchor,
  tokens,
  size = 13,
  children,
}: {
  x: number;
  y: number;
  anchor: 'start' | 'middle' | 'end';
  tokens: Tokens;
  size?: number;
  children: string;
}) {
  return (
    <SvgText
      x={x}
      y={y}
      fontSize={size}
      fontFamily={FONTS.text}
      textAnchor={anchor}
      fill={tokens.inkSecond}
    >
      {children}
    </SvgText>
  );
}
