import { Circle, Line, Path } from 'react-native-svg';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Skin } from '@open-palm/core/portrait/skins';
import { Frame } from './Frame';

const RAD_PER_DEG = Math.PI / 180;
/** How far the elbow lies below the shoulder when the arm hangs as asked, in the drawing's units. */
const ELBOW_Y: Readonly<Record<string, number>> = { dropped: 26, level: 8, raised: -18 };
const UPPER = 40;
const LOWER = 38;

/** Shoulder, elbow and hand: how high the elbow is, or how far it is bent, degrees. */
export function ArmFigure({ at, skin }: { at: number | string; skin: Skin }) {
  const tokens = useTokens();
  const { path, elbow } = typeof at === 'string' ? levelArm(at) : bentArm(at);
  return (
    <Frame>
      {typeof at === 'string' ? (
        <Line x1={-52} y1={8} x2={52} y2={8} stroke={tokens.line} strokeDasharray="3 3" />
      ) : null}
      <Path d={path} fill="none" stroke={skin.line} strokeWidth={15} strokeLinejoin="round" />
      <Path d={path} fill="none" stroke={skin.fill} strokeWidth={13} strokeLinejoin="round" />
      <Circle
        cx={elbow[0]}
        cy={elbow[1]}
        r={3.5}
        fill="none"
        stroke={tokens.amber}
        strokeWidth={2}
      />
    </Frame>
  );
}

/** From the front: the hand stays where it is, the elbow is higher or lower. */
function levelArm(at: string) {
  const y = ELBOW_Y[at] ?? ELBOW_Y.level!;
  return { path: `M-40 -26L-6 ${y}L38 8`, elbow: [-6, y] as const };
}

/** From the side: the upper arm hangs, the forearm turns up from it. */
function bentArm(deg: number) {
  const [x, y] = [
    -14 + UPPER * Math.cos(75 * RAD_PER_DEG),
    -36 + UPPER * Math.sin(75 * RAD_PER_DEG),
  ];
  const lower = (75 - deg) * RAD_PER_DEG;
  const hand = [x + LOWER * Math.cos(lower), y + LOWER * Math.sin(lower)];
  return {
    path: `M-14 -36L${x.toFixed(1)} ${y.toFixed(1)}L${hand.map((v) => v.toFixed(1)).join(' ')}`,
    elbow: [x, y] as const,
  };
}
