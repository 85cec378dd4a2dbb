import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useTokens } from '../kit/ThemeProvider';
import { FONTS, type Tokens } from '../kit/tokens';

/** One line of a chart; a null value is a gap. */
export interface ChartLine {
  id: string;
  /** A letter or two that stands on the line, so that lines are told apart without colour. */
  mark: string;
  color: string;
  dash?: string;
  points: readonly { x: number; y: number | null }[];
}

/** An upright or level rule across a chart, with its word. */
export interface ChartRule {
  at: number;
  label: string;
  color: string;
  dash?: string;
}

const WIDTH = 360;
const MARGIN = { left: 38, right: 12, bottom: 24 };

/** Room above, and for each row of words there. */
const TOP = 12;
const ROW = 17;

/** Lines over a common axis, drawn in a box as wide as there is room. */
export function LineChart({
  label,
  lines,
  xDomain,
  yMax,
  xWords,
  yWord,
  rulesX = [],
  rulesY = [],
  cursor,
  height = 190,
}: {
  /** What it shows, for those who cannot see it. */
  label: string;
  lines: readonly ChartLine[];
  xDomain: readonly [number, number];
  /** The least height of the upright axis; it begins at 0 and grows to what is shown. */
  yMax: number;
  /** Words for places along the level axis, at those places. */
  xWords: readonly { at: number; word: string }[];
  /** Unit of the upright axis. */
  yWord: string;
  rulesX?: readonly ChartRule[];
  rulesY?: readonly ChartRule[];
  /** Where one is now. */
  cursor?: number;
  height?: number;
}) {
  const tokens = useTokens();
  const shownRules = rulesX.filter(({ at }) => at >= xDomain[0] && at <= xDomain[1]);
  const top = TOP + ROW * shownRules.length;
  const x = scaleLinear([...xDomain], [MARGIN.left, WIDTH - MARGIN.right]);
  const y = scaleLinear([0, yMax], [height - MARGIN.bottom, top]);
  const path = line<{ x: number; y: number | null }>()
    .defined((point) => point.y !== null)
    .x((point) => x(point.x))
    .y((point) => y(point.y!));
  const clip = useId();
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${WIDTH} ${height}`}
      style={{ aspectRatio: WIDTH / height }}
      role="img"
      aria-label={label}
    >
      <Defs>
        <ClipPath id={clip}>
          <Rect
            x={MARGIN.left}
            y={top - 2}
            width={WIDTH - MARGIN.left - MARGIN.right}
            height={height - top - MARGIN.bottom + 4}
          />
        </ClipPath>
      </Defs>
      {y.ticks(4).map((tick, i, all) => (
        <G key={tick}>
          <Line
            x1={MARGIN.left}
            x2={WIDTH - MARGIN.right}
            y1={y(tick)}
            y2={y(tick)}
            stroke={tokens.line}
            strokeWidth={1}
          />
          <AxisText x={MARGIN.left - 6} y={y(tick) + 4.5} anchor="end" tokens={tokens}>
            {i === all.length - 1 ? `${tick} ${yWord}` : String(tick)}
          </AxisText>
        </G>
      ))}
      {xWords.map(({ at, word }, i) => (
        <AxisText
          key={word}
          x={x(at)}
          y={height - MARGIN.bottom + 17}
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
          height={height - MARGIN.bottom - top}
          fill={tokens.amberGround}
        />
      )}
      {rulesY.map((rule) => (
        <LevelRule key={rule.label} rule={rule} y={y(rule.at)} />
      ))}
      {shownRules.map((rule, i) => (
        <UprightRule
          key={rule.label}
          rule={rule}
          x={x(rule.at)}
          row={i}
          bottom={height - MARGIN.bottom}
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
      {lines.map((drawn, i) => (
        <LineMark key={drawn.id} drawn={drawn} place={i} yMax={yMax} x={x} y={y} tokens={tokens} />
      ))}
    </Svg>
  );
}

/** A line's mark, where it stands highest; those of lines that meet are set beside each other. */
function LineMark({
  drawn: { mark, color, points },
  place,
  yMax,
  x,
  y,
  tokens,
}: {
  drawn: ChartLine;
  place: number;
  yMax: number;
  x: (value: number) => number;
  y: (value: number) => number;
  tokens: Tokens;
}) {
  const drawn = points.filter((point) => point.y !== null && point.y > 0 && point.y <= yMax);
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
        x1={MARGIN.left}
        x2={WIDTH - MARGIN.right}
        y1={y}
        y2={y}
        stroke={color}
        strokeWidth={1.6}
        strokeDasharray={dash}
      />
      <SvgText
        x={WIDTH - MARGIN.right}
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
  const onLeft = x > WIDTH * 0.6;
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
