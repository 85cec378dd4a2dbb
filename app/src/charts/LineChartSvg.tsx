import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useTokens } from '../kit/ThemeProvider';
import { FONTS, type Tokens } from '../kit/tokens';
import { CHART_MARGIN, CHART_WIDTH } from './chartBox';
import {
  CHART_HEIGHT,
  type ChartLine,
  type ChartRule,
  type LineChartProps,
} from './lineChartProps';

/** Room above, and for each row of words there. */
const TOP = 12;
const ROW = 17;

/** Lines over a common axis, drawn in a box as wide as there is room. */
export function LineChartSvg({
  label,
  lines,
  xDomain,
  yMax,
  yMin = 0,
  xWords,
  yWord,
  rulesX = [],
  rulesY = [],
  bands = [],
  cursor,
  height = CHART_HEIGHT,
}: LineChartProps) {
  const tokens = useTokens();
  const shownRules = rulesX.filter(({ at }) => at >= xDomain[0] && at <= xDomain[1]);
  const top = TOP + ROW * shownRules.filter(({ label }) => label !== '').length;
  const x = scaleLinear([...xDomain], [CHART_MARGIN.left, CHART_WIDTH - CHART_MARGIN.right]);
  const y = scaleLinear([yMin, yMax], [height - CHART_MARGIN.bottom, top]);
  const path = line<{ x: number; y: number | null }>()
    .defined((point) => point.y !== null)
    .x((point) => x(point.x))
    .y((point) => y(point.y!));
  const clip = useId();
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${CHART_WIDTH} ${height}`}
      style={{ aspectRatio: CHART_WIDTH / height }}
      role="img"
      aria-label={label}
    >
      <Defs>
        <ClipPath id={clip}>
          <Rect
            x={CHART_MARGIN.left}
            y={top - 2}
            width={CHART_WIDTH - CHART_MARGIN.left - CHART_MARGIN.right}
            height={height - top - CHART_MARGIN.bottom + 4}
          />
        </ClipPath>
      </Defs>
      {bands.map(({ from, to, lo = yMin, hi = yMax }) => (
        <Rect
          key={from}
          x={x(from)}
          y={y(Math.min(yMax, hi))}
          width={x(to) - x(from)}
          height={y(Math.max(yMin, lo)) - y(Math.min(yMax, hi))}
          fill={tokens.in}
          opacity={0.16}
        />
      ))}
      {y.ticks(4).map((tick, i, all) => (
        <G key={tick}>
          <Line
            x1={CHART_MARGIN.left}
            x2={CHART_WIDTH - CHART_MARGIN.right}
            y1={y(tick)}
            y2={y(tick)}
            stroke={tokens.line}
            strokeWidth={1}
          />
          <AxisText x={CHART_MARGIN.left - 6} y={y(tick) + 4.5} anchor="end" tokens={tokens}>
            {i === all.length - 1 ? `${tick} ${yWord}` : String(tick)}
          </AxisText>
        </G>
      ))}
      {xWords.map(({ at, word }, i) => (
        <AxisText
          key={word}
          x={x(at)}
          y={height - CHART_MARGIN.bottom + 17}
          anchor={i === 0 ? 'start' : i === xWords.length - 1 ? 'end' : 'middle'}
          tokens={tokens}
        >
          {word}
        </AxisText>
      ))}
      {cursor === undefined ? null : (
        <Rect
          x={x(cursor) - 3}
          y={top}
          width={6}
          height={height - CHART_MARGIN.bottom - top}
          fill={tokens.amberGround}
        />
      )}
      {rulesY.map((rule) => (
        <LevelRule key={rule.label} rule={rule} y={y(rule.at)} />
      ))}
      {shownRules.map((rule, i) => (
        <UprightRule
          key={`${rule.label} ${i}`}
          rule={rule}
          x={x(rule.at)}
          row={rule.label === '' ? 0 : i}
          bottom={height - CHART_MARGIN.bottom}
        />
      ))}
      {/* What is more than the axis shows runs out of the chart. */}
      <G clipPath={`url(#${clip})`}>
        {lines.map(({ id, color, dash, points }) => (
          <Path
            key={id}
            d={path([...points]) ?? ''}
            fill="none"
            stroke={color}
            strokeWidth={2.4}
            strokeLinejoin="round"
            {...(dash === undefined ? {} : { strokeDasharray: dash })}
          />
        ))}
      </G>
      {lines.map((drawn, i) =>
        drawn.mark === '' ? null : (
          <LineMark
            key={drawn.id}
            drawn={drawn}
            place={i}
            yMin={yMin}
            yMax={yMax}
            x={x}
            y={y}
            tokens={tokens}
          />
        ),
      )}
    </Svg>
  );
}

/** A line's mark, where it stands highest; those of lines that meet are set beside each other. */
function LineMark({
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

function LevelRule({ rule: { label, color, dash = '5 4' }, y }: { rule: ChartRule; y: number }) {
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
function UprightRule({
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
  const level = TOP + ROW * row;
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

function AxisText({
  x,
  y,
  anchor,
  tokens,
  children,
}: {
  x: number;
  y: number;
  anchor: 'start' | 'middle' | 'end';
  tokens: Tokens;
  children: string;
}) {
  return (
    <SvgText
      x={x}
      y={y}
      fontSize={13}
      fontFamily={FONTS.text}
      textAnchor={anchor}
      fill={tokens.inkSecond}
    >
      {children}
    </SvgText>
  );
}
