import { ticks } from 'd3-array';
import { line } from 'd3-shape';
import { useId } from 'react';
import { ClipPath, Defs, G, Path, Rect } from 'react-native-svg';
import { useTokens } from '../kit/ThemeProvider';
import { CHART_MARGIN, CHART_ROW, CHART_TOP, CHART_WIDTH } from './chartBox';
import { ChartFrame } from './ChartFrame';
import { LevelRule, LineMark, UprightRule } from './chartParts';
import { linearScale } from './linearScale';
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
  const box = { ...CHART_MARGIN, width: CHART_WIDTH, height, top, font: 13 };
  const bottom = height - CHART_MARGIN.bottom;
  const x = linearScale(xDomain, [CHART_MARGIN.left, CHART_WIDTH - CHART_MARGIN.right]);
  const y = linearScale([yMin, yMax], [bottom, top]);
  const path = line<{ x: number; y: number | null }>()
    .defined((point) => point.y !== null)
    .x((point) => x(point.x))
    .y((point) => y(point.y!));
  const clip = useId();
  return (
    <ChartFrame
      label={label}
      box={box}
      x={x}
      y={y}
      grid={ticks(yMin, yMax, 4).map((at, i, all) => ({
        at,
        word: i === all.length - 1 ? `${at} ${yWord}` : String(at),
      }))}
      xWords={xWords}
      under={bands.map(({ from, to, lo = yMin, hi = yMax }) => (
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
    >
      <Defs>
        <ClipPath id={clip}>
          <Rect
            x={CHART_MARGIN.left}
            y={top - 2}
            width={CHART_WIDTH - CHART_MARGIN.left - CHART_MARGIN.right}
            height={bottom - top + 4}
          />
        </ClipPath>
      </Defs>
      {cursor === undefined ? null : (
        <Rect x={x(cursor) - 3} y={top} width={6} height={bottom - top} fill={tokens.amberGround} />
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
          bottom={bottom}
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
    </ChartFrame>
  );
}
