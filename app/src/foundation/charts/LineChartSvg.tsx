import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '../kit/ThemeProvider';
import { CHART_MARGIN, CHART_ROW, CHART_TOP, CHART_WIDTH } from './chartBox';
import { AxisText, LevelRule, LineMark, UprightRule } from './chartParts';
import { CHART_HEIGHT, type LineChartProps } from './lineChartProps';

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
  const top = CHART_TOP + CHART_ROW * shownRules.filter(({ label }) => label !== '').length;
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
