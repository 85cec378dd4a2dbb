import { Vector3 } from 'three';
import { HAND_POINTS, type Finger, type HandPointName } from '@open-palm/core/hand';
import { normalCdf, seededNormal } from '@open-palm/core/stats';
import { project } from '../cameras';
import { GRIPS } from '../grips';
import { poseHand, type HandPose } from '../handPose';
import { openRenderer } from '../renderer';
import { solveGrip } from '../solveGrip';
import type { FindingSet } from './findingSets';
import { cameraAt, SIDES, type SideName } from './sides';

/** A picture in which a right hand is to be found. */
export interface FindingPicture {
  name: string;
  holdsBow: boolean;
  side: SideName;
  jpeg: Buffer;
  /** Where the 21 points are, px. */
  places: { x: number; y: number }[];
  /** Points that nobody can see. */
  hidden: HandPointName[];
  /** From the wrist to the middle fingertip along the bones, as far as it shows, px. */
  handLengthPx: number;
}

/** Bare hands from every side, hands on a bow from the sides from which they are hardest to find. */
const BARE = 50;
const BOWED = 20;
const BOWED_SIDES: readonly SideName[] = ['thumbEdge', 'palm'];
const BARE_SIDES = Object.keys(SIDES) as SideName[];
const MISS_SD_DEG = 10;
const OFF_SD = 0.06;

/** A hand at rest: curled a little more from finger to finger. */
const AT_REST: Record<Finger, readonly [number, number, number, number]> = {
  index: [18, 2, 26, 12],
  middle: [22, 0, 30, 14],
  ring: [26, -2, 32, 15],
  little: [28, -5, 32, 16],
};

/** Grips over the stick of a violin, with the poses that were found for them. */
const holds = () => GRIPS.filter(({ target }) => target.bow === 'violin' && target.hand === 'over');

/** Draws a set. The same set gives the same pictures. */
export async function* findingPictures(set: FindingSet): AsyncGenerator<FindingPicture> {
  const normal = seededNormal(set.seed);
  const between = ([lo, hi]: readonly [number, number]) =>
    lo + (hi - lo) * normalCdf(normal(), 0, 1);
  const bent = (deg: number) => deg + set.bendSdDeg * normal();
  const grips = holds();
  const renderer = await openRenderer();
  try {
    for (let number = 0; number < BARE + BOWED; number += 1) {
      const holdsBow = number >= BARE;
      const sides = holdsBow ? BOWED_SIDES : BARE_SIDES;
      const side = sides[number % sides.length]!;
      const model = grips[number % grips.length]!;
      const build = set.builds[number % set.builds.length]!;
      // One further from round to round, so that no side is always seen in the same room.
      const look = set.looks[(number + Math.floor(number / sides.length)) % set.looks.length]!;
      const target = { ...model.target, build };
      const solved = solveGrip(target).pose;
      const pose = holdsBow ? solved : bareHand(solved, number % 2 === 0, bent);
      const { points } = poseHand(pose, build);
      const chain = [
        points.wrist,
        points.middleMcp,
        points.middlePip,
        points.middleDip,
        points.middleTip,
      ];
      const handMm = chain.slice(1).reduce((sum, at, i) => sum + at.distanceTo(chain[i]!), 0);
      const middle = HAND_POINTS.reduce((sum, name) => sum.add(points[name]), new Vector3());
      const camera = cameraAt(
        {
          side,
          missDeg: [MISS_SD_DEG * normal(), MISS_SD_DEG * normal()],
          rollDeg: between([-180, 180]),
          distanceMm: between(set.distanceMm),
          handsAcross: between(set.handsAcross),
          off: [OFF_SD * normal(), OFF_SD * normal()],
        },
        middle.divideScalar(HAND_POINTS.length),
        handMm,
        set.size,
      );
      const grip = { target, wristBend: model.wristBend, look };
      const bow = holdsBow ? set.bow : null;
      const { jpeg, hidden } = await renderer.draw({ grip, pose, bow }, camera, look, set.size);
      const shown = (at: Vector3) => project(camera, at, set.size);
      const pxPerMm = pixelsPerMm(shown, points.wrist, camera.up, camera.position);
      yield {
        name: `${set.name}.${number}.${side}`,
        holdsBow,
        side,
        jpeg,
        places: HAND_POINTS.map((name) => shown(points[name])),
        hidden,
        handLengthPx: handMm * pxPerMm,
      };
    }
  } finally {
    await renderer.close();
  }
}

/** A hand at rest, or one that is formed without a bow. */
function bareHand(solved: HandPose, isAtRest: boolean, bent: (deg: number) => number): HandPose {
  const fingers = Object.fromEntries(
    (Object.keys(AT_REST) as Finger[]).map((finger) => {
      const [flex, abduct, pip, dip] = isAtRest ? AT_REST[finger] : solved.fingers[finger];
      return [finger, [bent(flex), abduct, bent(pip), bent(dip)]];
    }),
  ) as HandPose['fingers'];
  const [flex, abduct, twist, mcp, ip] = isAtRest ? [8, 10, 0, 14, 18] : solved.thumb;
  return { ...solved, fingers, thumb: [bent(flex), abduct, twist, bent(mcp), bent(ip)] };
}

/** How many pixels a millimetre across the line of sight is at a place. */
function pixelsPerMm(
  shown: (at: Vector3) => { x: number; y: number },
  at: Vector3,
  up: Vector3,
  eye: Vector3,
): number {
  const across = up.clone().cross(at.clone().sub(eye)).normalize();
  const [a, b] = [shown(at), shown(at.clone().add(across))];
  return Math.hypot(a.x - b.x, a.y - b.y);
}
