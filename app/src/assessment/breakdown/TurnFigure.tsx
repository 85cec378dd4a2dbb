import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { CameraTurn } from '@open-palm/core/measure';
import { useTokens } from '../../foundation/kit/ThemeProvider';

/** Which way to turn the camera, drawn: the bow with the hand, the camera, and an arc with its arrow. */
export function TurnFigure({ turn, size = 64 }: { turn: CameraTurn; size?: number }) {
  const tokens = useTokens();
  return (
    <Svg width={size} height={size * 0.75} viewBox="0 0 64 48" aria-hidden>
      {turn === 'buttonEnd' ? (
        // Seen from above: the stick with its button to the left, the camera moving toward it.
        <G>
          <Line x1={6} y1={14} x2={62} y2={14} stroke={tokens.wood} strokeWidth={3} />
          <Rect x={3} y={11.5} width={6} height={5} rx={1} fill={tokens.metal} />
          <Rect x={10} y={12} width={16} height={8} rx={1} fill={tokens.frog} />
          <Circle cx={29} cy={12} r={6} fill={tokens.amberGround} stroke={tokens.ink} />
          <Path
            d="M46 40A24 24 0 0 1 14 38"
            fill="none"
            stroke={tokens.amber}
            strokeWidth={2}
            strokeDasharray="3 2"
          />
          <Path d="M14 38l2.4 5.2l3.4-5z" fill={tokens.amber} />
          <Camera x={48} y={36} />
        </G>
      ) : (
        // Seen from the side: the hand on the bow's end, the camera rising, or sinking.
        <G transform={turn === 'below' ? 'translate(0 48) scale(1 -1)' : ''}>
          <Circle cx={14} cy={30} r={4} fill={tokens.wood} />
          <Path d="M14 24q14-6 26 4" fill="none" stroke={tokens.ink} strokeWidth={4} />
          <Path
            d="M54 34A26 26 0 0 0 46 12"
            fill="none"
            stroke={tokens.amber}
            strokeWidth={2}
            strokeDasharray="3 2"
          />
          <Path d="M43.5 10l6.5-.5l-2.6 5.6z" fill={tokens.amber} />
          <Camera x={54} y={40} />
        </G>
      )}
    </Svg>
  );
}

function Camera({ x, y }: { x: number; y: number }) {
  const tokens = useTokens();
  return (
    <G>
      <Rect x={x - 6} y={y - 4} width={12} height={9} rx={2} fill={tokens.ink} />
      <Circle cx={x} cy={y + 0.5} r={2.6} fill={tokens.card} />
    </G>
  );
}
