import { FINGER_CHAIN, FINGERS, type Finger } from '@open-palm/core/hand';
import type { BareDrawing, BareOrder } from '@open-palm/core/portrait';
import type { Vec2 } from '@open-palm/core/units';
import { openPalm } from '@open-palm/core/portrait/bareDetail';
import { BUILDS } from '@open-palm/core/pose/handBuild';

/** Where the middle of each finger lies across the open hand and how far its middle joint is from the wrist, mm. */
const MIDDLES: Record<Finger, readonly [acrossMm: number, fromWristMm: number]> = {
  index: [25, 124],
  middle: [2, 130],
  ring: [-17, 122],
  little: [-37, 104],
};

/** Of the picture, mm. */
const WIDTH_MM = 66;
const HEIGHT_MM = 128;

/** From the palm, fingers down as they hang over the stick. */
const FROM_PALM: BareOrder['station']['toward'] = [0, -1, -0.08];

/** A finger of the open hand from its palm side, tip down, the others paler. */
export function openFinger(finger: Finger): BareOrder {
  const palm = openPalm(BUILDS.grown);
  const [across, fromWrist] = MIDDLES[finger];
  return {
    ...palm,
    station: {
      toward: FROM_PALM,
      at: [across, 0, fromWrist],
      widthMm: WIDTH_MM,
      heightMm: HEIGHT_MM,
    },
    detail: 'choice',
    paler: ['thumb', ...FINGERS.filter((one) => one !== finger)],
  };
}

/** The middle of a drawn finger from its tip (0) through its joints to its base (3), and the way back from how far down a place is. */
export function alongFinger(
  { points }: Pick<BareDrawing, 'points'>,
  finger: Finger,
): { at: (u: number) => Vec2; uAt: (y: number) => number } {
  const tipFirst = [...FINGER_CHAIN[finger]].reverse().map((name) => points[name]);
  const at = (u: number): Vec2 => {
    const bone = Math.min(tipFirst.length - 2, Math.max(0, Math.floor(u)));
    const [a, b] = [tipFirst[bone]!, tipFirst[bone + 1]!];
    return { x: a.x + (u - bone) * (b.x - a.x), y: a.y + (u - bone) * (b.y - a.y) };
  };
  const [tip, base] = [tipFirst[0]!, tipFirst.at(-1)!];
  const uAt = (y: number): number => {
    // A finger that hangs has its joints one above the other, whatever side it leans to.
    const down = Math.sign(tip.y - base.y);
    for (let bone = 0; bone + 1 < tipFirst.length; bone += 1) {
      const [from, to] = [tipFirst[bone]!.y, tipFirst[bone + 1]!.y];
      if (down * y >= down * to) return bone + Math.min(1, Math.max(0, (y - from) / (to - from)));
    }
    return tipFirst.length - 1;
  };
  return { at, uAt };
}
