import type { ReactNode } from 'react';
import Svg, { G, Line } from 'react-native-svg';
import { useTokens } from '../kit/ThemeProvider';
import type { ChartBox } from './chartBox';
import { AxisText } from './chartParts';
import type { Scale } from './linearScale';

/** What every chart stands in: its paper, the grid with its numbers, and the words along the level axis. */
export function ChartFrame({
  label,
  box,
  x,
  y,
  grid,
  heading = '',
  xWords,
  under,
  children,
}: {
  /** What it shows, for those who cannot see it. */
  label: string;
  box: ChartBox;
  x: Scale;
  y: Scale;
  /** Level lines at these values, with their words. */
  grid: readonly { at: number; word: string }[];
  /** Unit above the numbers of the grid. */
  heading?: string;
  /** Words for places along the level axis; the first and the last stay inside. */
  xWords: readonly { at: number; word: string }[];
  /** Drawn below the grid. */
  under?: ReactNode;
  children: ReactNode;
}) {
  const tokens = useTokens();
  const text = { tokens, size: box.font };
  return (
    <Svg
      width="100%"
      viewBox={`0 0 ${box.width} ${box.height}`}
      style={{ aspectRatio: box.width / box.height }}
      role="img"
      aria-label={label}
    >
      {under}
      {grid.map(({ at, word }) => (
        <G key={at}>
          <Line
            x1={box.left}
            x2={box.width - box.right}
            y1={y(at)}
            y2={y(at)}
            stroke={tokens.line}
            strokeWidth={1}
          />
          <AxisText x={box.left - 6} y={y(at) + 4.5} anchor="end" {...text}>
            {word}
          </AxisText>
        </G>
      ))}
      {heading === '' ? null : (
        <AxisText x={box.left - 5} y={12} anchor="end" {...text}>
          {heading}
        </AxisText>
      )}
      {xWords.map(({ at, word }, i, all) => (
        <AxisText
          key={`${at} ${word}`}
          x={x(at)}
          y={box.height - box.bottom + box.font + 4}
          anchor={i === 0 ? 'start' : i === all.length - 1 ? 'end' : 'middle'}
          {...text}
        >
          {word}
        </AxisText>
      ))}
      {children}
    </Svg>
  );
}
