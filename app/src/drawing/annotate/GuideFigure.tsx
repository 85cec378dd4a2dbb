import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { BONES, type HandPointName } from '@open-palm/core/hand';
import type { PointName, Side } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../foundation/kit/ThemeProvider';

/** Where each point is on the small drawn hand: a right hand from the back, hanging, fingers down. */
const HAND: Partial<Record<PointName, Vec2>> & Record<HandPointName, Vec2> = {
  wrist: { x: 50, y: 14 },
  thumbCmc: { x: 66, y: 24 },
  thumbMcp: { x: 78, y: 38 },
  thumbIp: { x: 84, y: 52 },
  thumbTip: { x: 84, y: 64 },
  indexMcp: { x: 65, y: 54 },
  indexPip: { x: 67, y: 72 },
  indexDip: { x: 67, y: 84 },
  indexTip: { x: 66, y: 95 },
  middleMcp: { x: 54, y: 56 },
  middlePip: { x: 54, y: 76 },
  middleDip: { x: 54, y: 89 },
  middleTip: { x: 54, y: 101 },
  ringMcp: { x: 43, y: 54 },
  ringPip: { x: 41, y: 72 },
  ringDip: { x: 41, y: 84 },
  ringTip: { x: 41, y: 95 },
  littleMcp: { x: 33, y: 50 },
  littlePip: { x: 29, y: 63 },
  littleDip: { x: 28, y: 72 },
  littleTip: { x: 28, y: 81 },
};

const FOREARM: Vec2 = { x: 46, y: -8 };

const BOW: Partial<Record<PointName, Vec2>> = {
  stickHandEnd: { x: 14, y: 46 },
  stickTipEnd: { x: 92, y: 46 },
  frogFront: { x: 58, y: 56 },
  frogBack: { x: 20, y: 56 },
};

/** Shows on a small drawing where the points are that are asked for: on the hand, or on the bow. */
export function GuideFigure({
  points,
  side,
  size,
}: {
  points: readonly PointName[];
  side: Side;
  size: number;
}) {
  const onBow = points.flatMap((point) => BOW[point] ?? []);
  const flip = side === 'left' ? 'translate(100 0) scale(-1 1)' : '';
  return (
    <Svg width={size} height={size} viewBox="0 -12 100 120" aria-hidden>
      <G transform={flip}>{onBow.length > 0 ? <Bow at={onBow} /> : <Hand points={points} />}</G>
    </Svg>
  );
}

function Hand({ points }: { points: readonly PointName[] }) {
  const tokens = useTokens();
  const limbs = BONES.map(([a, b]) => ({ key: b, from: HAND[a], to: HAND[b] }));
  const stroke = (color: string, more: number) => (
    <G>
      <Line
        x1={46}
        y1={-14}
        x2={50}
        y2={16}
        stroke={color}
        strokeWidth={24 + more}
        strokeLinecap="round"
      />
      <Path
        d="M50 14L66 24L65 54L54 56L43 54L33 50L38 24Z"
        fill={color}
        stroke={color}
        strokeWidth={11 + more}
        strokeLinejoin="round"
      />
      {limbs.map(({ key, from, to }) => (
        <Line
          key={key}
          x1={from.x}
          y1={from.y}
          x2={to.x}
          y2={to.y}
          stroke={color}
          strokeWidth={9 + more}
          strokeLinecap="round"
        />
      ))}
    </G>
  );
  return (
    <G>
      {stroke(tokens.inkSecond, 2)}
      {stroke(tokens.card, 0)}
      {Object.entries(HAND).map(([name, place]) => (
        <Circle key={name} cx={place.x} cy={place.y} r={1.3} fill={tokens.notSeen} />
      ))}
      {points.map((point) => {
        // Elbow, shoulder and strings lie beyond this drawing; their names say enough.
        const at = point === 'forearm' ? FOREARM : HAND[point];
        return at ? <Target key={point} at={at} isOne={points.length === 1} /> : null;
      })}
    </G>
  );
}

function Bow({ at }: { at: readonly Vec2[] }) {
  const tokens = useTokens();
  return (
    <G>
      <Rect x={20} y={49} width={38} height={16} rx={2} fill={tokens.frog} />
      <Rect x={52} y={60} width={10} height={6} fill={tokens.metal} />
      <Rect x={58} y={62} width={42} height={2} fill={tokens.metal} />
      <Rect x={4} y={43} width={8} height={6} rx={1} fill={tokens.metal} />
      <Rect x={11} y={42.5} width={89} height={7} fill={tokens.wood} />
      <Rect x={62} y={42} width={16} height={8} fill={tokens.leather} />
      {at.map((place) => (
        <Target key={`${place.x},${place.y}`} at={place} isOne={at.length === 1} />
      ))}
    </G>
  );
}

function Target({ at, isOne }: { at: Vec2; isOne: boolean }) {
  const tokens = useTokens();
  const radius = isOne ? 8 : 5;
  return (
    <G>
      <Circle cx={at.x} cy={at.y} r={radius} fill="none" stroke={tokens.card} strokeWidth={5} />
      <Circle cx={at.x} cy={at.y} r={radius} fill="none" stroke={tokens.amber} strokeWidth={3} />
      <Circle cx={at.x} cy={at.y} r={2.6} fill={tokens.amber} />
    </G>
  );
}
