import Svg, { Circle, G, Path } from 'react-native-svg';
import type { Vec2 } from '@open-palm/core/units';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import type { Skin } from '../portrait/skin';
import { pathThrough, tubeOutline } from '../portrait/tube';
import { chain, frameAround, type Bone } from './limb';

export const ASPECT = 1.3;

/** A limb as it is drawn: its bones from the root, how thick it is at each joint, and where its nail is. */
export interface Limb {
  headingDeg: number;
  bones: readonly Bone[];
  radii: readonly number[];
  /** A fingernail on the back of the last bone tells bent from bent backward. */
  nail: boolean;
  /** Joint whose bend is asked for, counted from the root. */
  joint: number;
}

const ROOT: Vec2 = { x: 0, y: 0 };

/** A finger, a thumb, a wrist or an arm, bent as an answer says; the joint in question is ringed. */
export function BendFigure({ limbs, skin }: { limbs: readonly Limb[]; skin: Skin }) {
  const tokens = useTokens();
  const drawn = limbs.map((limb) => ({
    limb,
    joints: chain(ROOT, limb.headingDeg, limb.bones),
  }));
  const room = Math.max(...limbs.flatMap(({ radii }) => radii)) + 2;
  return (
    <Svg
      width="100%"
      viewBox={frameAround(
        drawn.flatMap(({ joints }) => joints),
        room,
        ASPECT,
      )}
      style={{ aspectRatio: ASPECT }}
      aria-hidden
    >
      {drawn.map(({ limb, joints }, i) => (
        <G key={i} opacity={i + 1 < drawn.length ? 0.55 : 1}>
          <Path
            d={pathThrough(tubeOutline(joints, limb.radii))}
            fill={skin.fill}
            stroke={skin.line}
            strokeWidth={1.2}
            strokeLinejoin="round"
          />
          {limb.nail ? <Nail joints={joints} radius={limb.radii.at(-1)!} skin={skin} /> : null}
          <Circle
            cx={joints[limb.joint]!.x}
            cy={joints[limb.joint]!.y}
            r={limb.radii[limb.joint]! * 0.42}
            fill="none"
            stroke={tokens.amber}
            strokeWidth={2}
          />
        </G>
      ))}
    </Svg>
  );
}

/** On the side away from the palm: fingers here bend clockwise, so the back is to the left of their way. */
function Nail({ joints, radius, skin }: { joints: readonly Vec2[]; radius: number; skin: Skin }) {
  const [before, tip] = joints.slice(-2) as [Vec2, Vec2];
  const length = Math.hypot(tip.x - before.x, tip.y - before.y);
  const along = { x: (tip.x - before.x) / length, y: (tip.y - before.y) / length };
  const back = { x: along.y, y: -along.x };
  const at = (ahead: number, out: number): Vec2 => ({
    x: tip.x + along.x * ahead + back.x * out,
    y: tip.y + along.y * ahead + back.y * out,
  });
  const line = [
    at(-radius * 0.9, radius * 0.98),
    at(radius * 0.5, radius * 0.8),
    at(radius * 0.55, radius * 0.62),
    at(-radius * 0.9, radius * 0.7),
  ];
  return <Path d={pathThrough(line, true)} fill={skin.nail} stroke={skin.line} strokeWidth={0.7} />;
}
