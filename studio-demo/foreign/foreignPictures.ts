import { FINGER_CHAIN, type HandPointName } from '@open-palm/core/hand';
import { towardCamera, type Capture, type PointName, type View } from '@open-palm/core/measure';
import { seededNormal } from '@open-palm/core/stats';
import { RAYS, type ForeignHand, type ForeignRay } from './foreignHand';
import { add, cross, dot, scaled, turnedAbout, unit, type Vector as V } from './vectors';

const POINTS: Record<ForeignRay, readonly HandPointName[]> = {
  thumb: ['thumbCmc', 'thumbMcp', 'thumbIp', 'thumbTip'],
  index: FINGER_CHAIN.index,
  middle: FINGER_CHAIN.middle,
  ring: FINGER_CHAIN.ring,
  little: FINGER_CHAIN.little,
};

/** How the hand lies over the bow: its radial and distal directions in the bow's frame (to the tip, from the hair, to the fingers). */
const RADIAL: V = [0.86, -0.42, -0.3];
const DISTAL: V = [0.25, -0.16, 0.95];
/** Where a thumb's tip rests, mm. */
const THUMB_TIP: V = [2, -9, -5];
const FROG_MM = 46;
/** How far hands and cameras are turned from the usual, and pictures about their line of sight, degrees. */
const HAND_TURN_SD = 9;
const CAMERA_TURN_SD = 7;
const ROLL_SD = 15;
/** From the wrist to the stretched middle fingertip, over the middle finger. */
const HAND_PER_FINGER = 1.9;

/**
 * What is clicked of a foreign hand on a violin bow.
 *
 * @param noise SD of a click in each direction, as a share of the hand's length
 */
export function foreignPictures(
  hand: ForeignHand,
  views: readonly View[],
  { seed, noise }: { seed: number; noise: number },
): Capture[] {
  const normal = seededNormal(seed + 1_000_003);
  const axes = [unit([1, 0, 0]), unit([0, 1, 0]), unit([0, 0, 1])] as const;
  const tossed = (v: V, by: readonly number[]): V =>
    axes.reduce<V>((turned, axis, i) => turnedAbout(turned, axis, by[i]!), v);
  const toss = [0, 1, 2].map(() => HAND_TURN_SD * normal());
  const distal = unit(tossed(DISTAL, toss));
  const raw = tossed(RADIAL, toss);
  const radial = unit(add(raw, scaled(distal, -dot(raw, distal))));
  const palmar = cross(radial, distal);
  const inBow = ([x, y, z]: V): V =>
    add(add(scaled(radial, x), scaled(distal, y)), scaled(palmar, z));
  const rest = add(THUMB_TIP, [3 * normal(), 1.5 * normal(), 1.5 * normal()]);
  const off = add(rest, scaled(inBow(hand.points.thumb[3]), -1));
  const place = (at: V): V => add(inBow(at), off);
  const places: [PointName, V][] = [
    ['wrist', off],
    ...RAYS.flatMap((ray) =>
      hand.points[ray].map((at, i): [PointName, V] => [POINTS[ray][i]!, place(at)]),
    ),
    ['stickHandEnd', [-45 + 3 * normal(), 0, 0]],
    ['stickTipEnd', [88 + 6 * normal(), 0, 0]],
    ['frogFront', [0, -11, 0]],
    ['frogBack', [-FROG_MM, -11, 0]],
  ];
  return views.map((view) => {
    const t = towardCamera(view);
    const toward = unit(
      tossed(
        [t.x, t.y, t.z],
        [0, 1, 2].map(() => CAMERA_TURN_SD * normal()),
      ),
    );
    const right = unit(cross([0, 1, 0], toward));
    const up = cross(toward, right);
    const roll = ROLL_SD * normal();
    const [x, y] = [turnedAbout(right, toward, roll), turnedAbout(up, toward, roll)];
    const distance = 650 * Math.exp(0.2 * normal());
    const scale = 3.6 * Math.exp(0.12 * normal());
    const sigma = noise * HAND_PER_FINGER * hand.middleFingerMm * scale;
    const points: Capture['points'] = {};
    for (const [name, at] of places) {
      const from = add(at, [0, -15, 30]);
      const nearer = distance / (distance - dot(from, toward));
      points[name] = {
        x: 800 + scale * nearer * dot(from, x) + sigma * normal(),
        y: 600 - scale * nearer * dot(from, y) + sigma * normal(),
        sigma: Math.max(sigma, 0.5),
      };
    }
    return {
      view,
      side: 'right',
      image: { width: 1600, height: 1200 },
      points,
      frogLength: { mm: FROG_MM, sdMm: 0.5 },
    };
  });
}
