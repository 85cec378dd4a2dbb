import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Side, View } from '@open-palm/core/measure';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { ViewFigure } from '../ViewFigure';
import type { CardName } from './seenCards';

const WIDTH = 300;
const HEIGHT = 190;

/** The drawing of a card: how far, from where, or in which light. */
export function CardFigure({ card, view, side }: { card: CardName; view: View; side: Side }) {
  if (card === 'angle') return <ViewFigure view={view} side={side} width={WIDTH} />;
  return (
    <Svg width={WIDTH} height={HEIGHT} viewBox="0 0 300 190" aria-hidden>
      {card === 'distance' ? <Distance /> : <Light />}
    </Svg>
  );
}

/** A device, held up with a stretched arm, and the hand on the bow that it shows. */
function Distance() {
  const tokens = useTokens();
  return (
    <G>
      <BowHand x={52} y={84} />
      <Line
        x1={112}
        y1={96}
        x2={206}
        y2={96}
        stroke={tokens.amber}
        strokeWidth={2.5}
        strokeDasharray="7 6"
      />
      <Path
        d="M120 88L110 96L120 104M198 88L208 96L198 104"
        fill="none"
        stroke={tokens.amber}
        strokeWidth={2.5}
      />
      <Device x={218} y={42} />
      <G transform="translate(222 74) scale(0.52)">
        <BowHand x={52} y={44} />
      </G>
    </G>
  );
}

/** A lamp on the camera's side of the hand, whose sleeve is pushed back. */
function Light() {
  const tokens = useTokens();
  const rays = [
    [218, 60, 160, 78],
    [216, 72, 158, 100],
    [222, 84, 168, 120],
  ] as const;
  return (
    <G>
      <Path d="M52 122L82 82" stroke={tokens.inkSecond} strokeWidth={30} strokeLinecap="round" />
      <Path d="M52 122L82 82" stroke={tokens.hair} strokeWidth={27} strokeLinecap="round" />
      <Path d="M14 180L52 122" stroke={tokens.inkSecond} strokeWidth={44} />
      <Path d="M15 178L51 123" stroke={tokens.line} strokeWidth={40} />
      <BowHand x={100} y={70} />
      {rays.map(([x1, y1, x2, y2]) => (
        <Line
          key={x1}
          {...{ x1, y1, x2, y2 }}
          stroke={tokens.amber}
          strokeWidth={3}
          strokeLinecap="round"
        />
      ))}
      <Circle
        cx={244}
        cy={52}
        r={20}
        fill={tokens.amberGround}
        stroke={tokens.amber}
        strokeWidth={3}
      />
      <Device x={232} y={92} height={76} />
    </G>
  );
}

function Device({ x, y, height = 112 }: { x: number; y: number; height?: number }) {
  const tokens = useTokens();
  return (
    <Rect
      x={x}
      y={y}
      width={62}
      height={height}
      rx={9}
      fill={tokens.card}
      stroke={tokens.ink}
      strokeWidth={3}
    />
  );
}

/** A hand over a bow, seen from the fingers' side. */
function BowHand({ x, y }: { x: number; y: number }) {
  const tokens = useTokens();
  const finger = (x1: number, y1: number, x2: number, y2: number) => (
    <G key={x1}>
      <Line
        {...{ x1, y1, x2, y2 }}
        stroke={tokens.inkSecond}
        strokeWidth={14}
        strokeLinecap="round"
      />
      <Line {...{ x1, y1, x2, y2 }} stroke={tokens.hair} strokeWidth={11} strokeLinecap="round" />
    </G>
  );
  return (
    <G transform={`translate(${x} ${y})`}>
      <Path
        d="M-30 -6Q-30 -38 -2 -38Q30 -38 32 -6Z"
        fill={tokens.hair}
        stroke={tokens.inkSecond}
        strokeWidth={1.6}
      />
      <Rect x={-42} y={17} width={36} height={16} fill={tokens.frog} />
      <Rect x={-50} y={11} width={108} height={6} fill={tokens.wood} />
      {[
        [-24, -8, -28, 8],
        [-8, -8, -12, 30],
        [8, -8, 5, 32],
        [24, -8, 20, 30],
      ].map(([a, b, c, d]) => finger(a!, b!, c!, d!))}
    </G>
  );
}
