import { InputError } from '../issue';
import { DEG_PER_RAD, type KnownLength, type Vec2 } from '../units';
import { FINGER_CHAIN, FINGERS, type Finger, type HandPointName } from './handPoints';
import { PHALANGES, PHALANGES_MM, PUBLISHED_MIDDLE_FINGER_MM, type BoneName } from './phalanges';

/** Length of the middle finger that the holds' bands are written for, and how far adults differ, mm. [memory] */
export const REFERENCE_MIDDLE_FINGER: KnownLength = { mm: 100, sdMm: 8 };

/** SD of a middle finger measured with a ruler, mm. [memory] */
export const MEASURED_FINGER_SD_MM = 2;

/** How well the yardstick of a relaxed-hand picture is known, as a share of it. [memory] */
export const YARDSTICK_SD_SHARE = 0.08;

/** How far from the bone's true end a joint is marked through the skin, along the bone, mm. [memory] */
const JOINT_MARK_SD_MM = 2.5;

/**
 * A student's own hand as it hangs, photographed pronated from above the back of the hand.
 * Places are told in the hand's own frame: x along the row of knuckles toward the index, y toward the fingertips,
 * in lengths of the middle finger's first phalanx, the bone that lies flattest in such a picture.
 */
export interface RelaxedHand {
  fingers: Record<Finger, readonly [Vec2, Vec2, Vec2, Vec2]>;
  /** The phalanges as they show, in the same unit, by their far point. */
  shown: Partial<Record<BoneName, number>>;
}

/** What is known of a student's hand: the middle finger's length, and how the hand hangs if that was photographed. */
export interface HandFacts {
  middleFinger: KnownLength;
  relaxed: RelaxedHand | null;
}

export const UNKNOWN_HAND: HandFacts = { middleFinger: REFERENCE_MIDDLE_FINGER, relaxed: null };

/** The points that a relaxed-hand picture must show. */
export const RELAXED_POINTS: readonly HandPointName[] = FINGERS.flatMap(
  (finger) => FINGER_CHAIN[finger],
);

/** A hand whose knuckles, or whose first phalanx, lie this close has no size to measure by, pixels. */
const LEAST_PX = 1;

/**
 * Reads the relaxed hand off a picture's points.
 *
 * @param points pixels; all of `RELAXED_POINTS`, and the thumb's if they were seen
 * @throws InputError `notMarked` for each missing point, `coincidentPoints` for a hand without extent
 */
export function relaxedHandFrom(points: Partial<Record<HandPointName, Vec2>>): RelaxedHand {
  const missing = RELAXED_POINTS.filter((name) => !points[name]);
  if (missing.length > 0) {
    throw new InputError(missing.map((where) => ({ code: 'notMarked', where })));
  }
  const index = points.indexMcp!;
  const little = points.littleMcp!;
  const middle = points.middleMcp!;
  const across = Math.hypot(index.x - little.x, index.y - little.y);
  const yardstick = Math.hypot(points.middlePip!.x - middle.x, points.middlePip!.y - middle.y);
  if (across < LEAST_PX || yardstick < LEAST_PX) {
    throw new InputError([{ code: 'coincidentPoints', where: 'hand' }]);
  }
  const toIndex = { x: (index.x - little.x) / across, y: (index.y - little.y) / across };
  // Across the knuckle row toward the fingertips, whichever way the picture is turned or mirrored.
  const normal = { x: -toIndex.y, y: toIndex.x };
  const tip = points.middleTip!;
  const ahead = (tip.x - middle.x) * normal.x + (tip.y - middle.y) * normal.y >= 0 ? 1 : -1;
  const inHand = ({ x, y }: Vec2): Vec2 => ({
    x: ((x - middle.x) * toIndex.x + (y - middle.y) * toIndex.y) / yardstick,
    y: (ahead * ((x - middle.x) * normal.x + (y - middle.y) * normal.y)) / yardstick,
  });
  const fingers = {} as Record<Finger, readonly [Vec2, Vec2, Vec2, Vec2]>;
  for (const finger of FINGERS) {
    const [a, b, c, d] = FINGER_CHAIN[finger].map((name) => inHand(points[name]!));
    fingers[finger] = [a!, b!, c!, d!];
  }
  const shown: RelaxedHand['shown'] = {};
  for (const { from, to } of PHALANGES) {
    const [p, q] = [points[from], points[to]];
    if (p && q) shown[to] = Math.hypot(p.x - q.x, p.y - q.y) / yardstick;
  }
  return { fingers, shown };
}

/**
 * The gap that two neighbouring fingers leave when the hand hangs, along the row of knuckles, mm.
 *
 * @param at the depth on each finger between which the gap is taken, joint units from the tip
 */
export function naturalGapMm(
  relaxed: RelaxedHand,
  middleFingerMm: number,
  nearer: { finger: Finger; u: number },
  farther: { finger: Finger; u: number },
): number {
  const x = ({ finger, u }: { finger: Finger; u: number }) => {
    const line = relaxed.fingers[finger];
    const i = Math.min(2, Math.max(0, Math.floor(u)));
    const [tipward, handward] = [line[3 - i]!.x, line[2 - i]!.x];
    return tipward + (handward - tipward) * (u - i);
  };
  return (x(nearer) - x(farther)) * yardstickMm(middleFingerMm);
}

/** The natural gaps at the last joints, index to little finger, mm. */
export const gapsAtLastJointsMm = (relaxed: RelaxedHand, middleFingerMm: number): number[] =>
  FINGERS.slice(1).map((farther, i) =>
    naturalGapMm(relaxed, middleFingerMm, { finger: FINGERS[i]!, u: 1 }, { finger: farther, u: 1 }),
  );

/**
 * How long a finger shows in the relaxed picture, from knuckle to tip, mm: at most its true length, for a curled finger
 * less.
 */
export const shownLengthMm = (
  { shown }: RelaxedHand,
  middleFingerMm: number,
  finger: Finger,
): number =>
  FINGER_CHAIN[finger].slice(1).reduce((sum, bone) => sum + (shown[bone] ?? 0), 0) *
  yardstickMm(middleFingerMm);

/** Length of the middle finger's first phalanx in a hand of this size, mm. */
const yardstickMm = (middleFingerMm: number) =>
  (PHALANGES_MM.middle[0]!.mm * middleFingerMm) / PUBLISHED_MIDDLE_FINGER_MM;

/**
 * What each phalanx of this hand measures. A picture can only shorten a bone: what hangs longer than the published
 * proportions is believed, what hangs shorter may be curled and is not.
 *
 * @returns mm with the SD between people (half of it where the student's own length is known) and of marking the joint
 */
export function expectedPhalanges({
  middleFinger,
  relaxed,
}: HandFacts): Map<BoneName, KnownLength> {
  const size = middleFinger.mm / PUBLISHED_MIDDLE_FINGER_MM;
  const sizeSd = middleFinger.sdMm / middleFinger.mm;
  return new Map(
    PHALANGES.map(({ to, adult }) => {
      const usual = adult.mm * size;
      const own = (relaxed?.shown[to] ?? 0) * yardstickMm(middleFinger.mm);
      const spread = own > usual ? adult.sdMm / 2 : adult.sdMm;
      const mm = Math.max(own, usual);
      return [to, { mm, sdMm: Math.hypot(spread * size, mm * sizeSd, JOINT_MARK_SD_MM) }];
    }),
  );
}

/**
 * How much a finger curls as it hangs, degrees a joint: the bend t at which the last two phalanges, turned out of the
 * picture by t and 2t, would look as short as they do.
 *
 * @returns 0 for a finger that shows its whole length
 */
export function naturalCurlDeg(relaxed: RelaxedHand, finger: Finger): number {
  const [, second, third] = FINGER_CHAIN[finger].slice(1) as [BoneName, BoneName, BoneName];
  const [first, middle, last] = PHALANGES_MM[finger].map(({ mm }) => mm) as [
    number,
    number,
    number,
  ];
  const unit = PHALANGES_MM.middle[0]!.mm;
  const scale = Math.max(1, (relaxed.shown[FINGER_CHAIN[finger][1]] ?? 0) / (first / unit));
  const shown = (relaxed.shown[second] ?? 0) + (relaxed.shown[third] ?? 0);
  const wanted = (shown * unit) / scale;
  const looks = (t: number) => middle * Math.cos(t) + last * Math.cos(2 * t);
  // `looks` falls steadily over a quarter turn of the last phalanx, so halving finds the one answer.
  let [low, high] = [0, Math.PI / 4];
  if (wanted >= looks(low)) return 0;
  if (wanted <= looks(high)) return high * DEG_PER_RAD;
  for (let i = 0; i < 40; i += 1) {
    const mid = (low + high) / 2;
    if (looks(mid) > wanted) low = mid;
    else high = mid;
  }
  return ((low + high) / 2) * DEG_PER_RAD;
}
