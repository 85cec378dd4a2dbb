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

/** How hands lie on a violin bow before cameras, and how all that differs. Lengths mm, turns degrees (SD). [memory] */
export interface Scene {
  /** The hand's radial and distal directions in the bow's frame (to the tip, from the hair, to the fingers). */
  radial: V;
  distal: V;
  /** Where a thumb's tip rests, and how that differs. */
  thumbTipMm: V;
  thumbTipSdMm: V;
  frogMm: number;
  handTurnSd: number;
  cameraTurnSd: number;
  /** How pictures are turned about their line of sight. */
  rollSd: number;
  /** Mean, and SD of the logarithm. */
  distanceMm: readonly [number, number];
  pixelsPerMm: readonly [number, number];
}

/** The scene in which doubts were set. */
export const USUAL_SCENE: Scene = {
  radial: [0.86, -0.42, -0.3],
  distal: [0.25, -0.16, 0.95],
  thumbTipMm: [2, -9, -5],
  thumbTipSdMm: [3, 1.5, 1.5],
  frogMm: 46,
  handTurnSd: 9,
  cameraTurnSd: 7,
  rollSd: 15,
  distanceMm: [650, 0.2],
  pixelsPerMm: [3.6, 0.12],
};

/** Another one, in which nothing was set: pictures turned any way, from nearer and farther off. */
export const OTHER_SCENE: Scene = {
  radial: [0.8, -0.52, -0.3],
  distal: [0.33, -0.02, 0.94],
  thumbTipMm: [6, -8, -6],
  thumbTipSdMm: [5, 2, 2],
  frogMm: 48,
  handTurnSd: 11,
  cameraTurnSd: 9,
  rollSd: 60,
  distanceMm: [600, 0.3],
  pixelsPerMm: [3.3, 0.2],
};

/** Pairs of views that are at least 45° apart. */
export const PAIRS_APART: readonly (readonly View[])[] = [
  ['thumb-side', 'profile'],
  ['finger-side', 'profile'],
  ['finger-side', 'thumb-side'],
  ['player-eye', 'thumb-side'],
];

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
  { seed, noise, scene = USUAL_SCENE }: { seed: number; noise: number; scene?: Scene },
): Capture[] {
  const normal = seededNormal(seed + 1_000_003);
  const scattered = ([mean, sd]: readonly [number, number]) => mean * Math.exp(sd * normal());
  const axes = [unit([1, 0, 0]), unit([0, 1, 0]), unit([0, 0, 1])] as const;
  const tossed = (v: V, by: readonly number[]): V =>
    axes.reduce<V>((turned, axis, i) => turnedAbout(turned, axis, by[i]!), v);
  const toss = [0, 1, 2].map(() => scene.handTurnSd * normal());
  const distal = unit(tossed(scene.distal, toss));
  const raw = tossed(scene.radial, toss);
  const radial = unit(add(raw, scaled(distal, -dot(raw, distal))));
  const palmar = cross(radial, distal);
  const inBow = ([x, y, z]: V): V =>
    add(add(scaled(radial, x), scaled(distal, y)), scaled(palmar, z));
  const [tipX, tipY, tipZ] = scene.thumbTipSdMm;
  const rest = add(scene.thumbTipMm, [tipX * normal(), tipY * normal(), tipZ * normal()]);
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
    ['frogBack', [-scene.frogMm, -11, 0]],
  ];
  return views.map((view) => {
    const t = towardCamera(view);
    const toward = unit(
      tossed(
        [t.x, t.y, t.z],
        [0, 1, 2].map(() => scene.cameraTurnSd * normal()),
      ),
    );
    const right = unit(cross([0, 1, 0], toward));
    const up = cross(toward, right);
    const roll = scene.rollSd * normal();
    const [x, y] = [turnedAbout(right, toward, roll), turnedAbout(up, toward, roll)];
    const distance = scattered(scene.distanceMm);
    const scale = scattered(scene.pixelsPerMm);
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
      frogLength: { mm: scene.frogMm, sdMm: 0.5 },
    };
  });
}
