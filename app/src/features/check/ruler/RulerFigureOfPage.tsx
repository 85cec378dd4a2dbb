import Svg, { Circle, G, Line, Polyline, Rect } from 'react-native-svg';
import {
  RULER_FIGURES,
  RULER_ORDER,
  RULER_PAGE_MM,
  RULER_POINTS,
  type RulerPoint,
} from '@open-palm/core/ruler';
import { useTokens } from '../../../foundation/kit/ThemeProvider';

const EDGE = 12;
const { width, height } = RULER_PAGE_MM;

/** The page, drawn small, with the cross that is asked for. */
export function RulerFigureOfPage({
  asked,
  heightPx = 200,
}: {
  asked: RulerPoint | null;
  heightPx?: number;
}) {
  const { line, amber } = useTokens();
  const at = (name: RulerPoint) => `${RULER_POINTS[name].x},${RULER_POINTS[name].y}`;
  return (
    <Svg
      height={heightPx}
      width={(heightPx * (width + 2 * EDGE)) / (height + 2 * EDGE)}
      viewBox={`${-EDGE} ${-EDGE} ${width + 2 * EDGE} ${height + 2 * EDGE}`}
      style={{ alignSelf: 'center' }}
      aria-hidden
    >
      <Rect
        x={-EDGE + 1}
        y={-EDGE + 1}
        width={width + 2 * EDGE - 2}
        height={height + 2 * EDGE - 2}
        rx={4}
        fill="#FFFFFF"
        stroke={line}
        strokeWidth={2}
      />
      <G stroke="#5A5247" strokeWidth={2} fill="none">
        {RULER_FIGURES.map((name) => (
          <Polyline key={name} points={`${at(`${name}1`)} ${at(`${name}2`)} ${at(`${name}3`)}`} />
        ))}
        <Polyline points={`${at('bar1')} ${at('bar2')}`} />
      </G>
      {RULER_ORDER.map((name) => {
        const { x, y } = RULER_POINTS[name];
        return (
          <G key={name} stroke={name === asked ? amber : '#1E1B16'} strokeWidth={3}>
            <Line x1={x - 5} y1={y} x2={x + 5} y2={y} />
            <Line x1={x} y1={y - 5} x2={x} y2={y + 5} />
          </G>
        );
      })}
      {asked === null ? null : (
        <Circle
          cx={RULER_POINTS[asked].x}
          cy={RULER_POINTS[asked].y}
          r={12}
          fill="none"
          stroke={amber}
          strokeWidth={5}
        />
      )}
    </Svg>
  );
}
