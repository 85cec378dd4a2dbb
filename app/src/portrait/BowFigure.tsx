import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Tokens } from '../kit/tokens';

const STICK = 4.2;
const WINDING_RINGS = Array.from({ length: 14 }, (_, i) => 29 + i * 3);

/** The bow around the frog, in mm, from the finger side; the portrait's frame. */
export function BowFigure({ tokens }: { tokens: Tokens }) {
  return (
    <G>
      <Rect
        x={-2}
        y={17}
        width={90}
        height={2.6}
        fill={tokens.hair}
        stroke={tokens.line}
        strokeWidth={0.4}
      />
      <Path
        d={`M-46 ${STICK - 0.6}H0C-1.5 8 -5 9.5 -7 12.5C-8 14 -8 15 -8 15.5V22H-44Q-46 22 -46 20Z`}
        fill={tokens.frog}
      />
      <Rect x={-9} y={15} width={11} height={7} rx={1} fill={tokens.metal} />
      <Circle cx={-27} cy={13} r={3.4} fill={tokens.metal} />
      <Rect x={-48} y={-STICK} width={140} height={STICK * 2} fill={tokens.wood} />
      <Rect x={-48} y={-STICK + 1.2} width={140} height={1.5} fill={tokens.woodLight} />
      <Rect
        x={-62}
        y={-STICK + 0.4}
        width={14}
        height={STICK * 2 - 0.8}
        rx={1.5}
        fill={tokens.metal}
      />
      <Line
        x1={-53}
        x2={-53}
        y1={-STICK + 0.4}
        y2={STICK - 0.4}
        stroke={tokens.winding}
        strokeWidth={0.8}
      />
      <Rect
        x={4}
        y={-STICK - 0.8}
        width={23}
        height={STICK * 2 + 1.6}
        rx={1}
        fill={tokens.leather}
      />
      {WINDING_RINGS.map((x) => (
        <Line
          key={x}
          x1={x}
          x2={x + 0.8}
          y1={-STICK}
          y2={STICK}
          stroke={tokens.winding}
          strokeWidth={1.5}
        />
      ))}
    </G>
  );
}
