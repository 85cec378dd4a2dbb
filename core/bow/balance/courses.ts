import { balanceOf, type BalanceAnswer } from './balance';
import { loudestN } from './loudest';
import type { BalanceSetup } from './setup';

/** The forces at one step of a course; `at` is what changes along it. */
export interface CoursePoint {
  at: number;
  answer: BalanceAnswer;
}

/** Points of a course, as smooth as a phone shows it. */
export const COURSE_POINTS = 101;

const even = (from: number, to: number, points: number): number[] =>
  Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));

/** A step of a stroke, with the loudest that stays comfortable there, N. */
export interface StrokePoint extends CoursePoint {
  loudestN: number;
}

/**
 * The forces over a stroke of even string force.
 *
 * @param setup on the string; where it now plays does not matter
 * @param fromMm heel, and `toMm` point, mm from the thumb; `at` of the answer is in between
 * @param strength share of an adult's
 */
export function overStroke(
  setup: BalanceSetup,
  fromMm: number,
  toMm: number,
  strength = 1,
  points = COURSE_POINTS,
): StrokePoint[] {
  const forceN = setup.string?.forceN ?? 0;
  return even(fromMm, toMm, points).map((at) => {
    const answer = balanceOf({ ...setup, string: { forceN, atMm: at } }, { strength });
    const mostN = answer.feasible ? answer.balance.loudestN : null;
    return { at, answer, loudestN: mostN ?? loudestN(setup, at, strength) };
  });
}

/** The bow in the air, palm down, as the tip raise begins. */
const inTheAir = (setup: BalanceSetup): BalanceSetup => ({
  ...setup,
  string: null,
  tiltDeg: 0,
  planeDeg: 0,
});

/** The forces of the tip raise: from level in the air to upright; `at` in degrees. */
export const overTipRaise = (setup: BalanceSetup, points = COURSE_POINTS): CoursePoint[] =>
  even(0, 90, points).map((at) => ({
    at,
    answer: balanceOf({ ...inTheAir(setup), tiltDeg: at }),
  }));

/** The bow held still, level in the air, that much further up the stick, mm. */
export const levelUpTheStick = (setup: BalanceSetup, byMm: number): BalanceAnswer =>
  balanceOf({
    ...inTheAir(setup),
    bow: { ...setup.bow, thumbMm: setup.bow.thumbMm + byMm },
  });

/** The forces with the bow level in the air over the hand's place, from where it is up to the balance point; `at` in mm. */
export const overPlaces = (setup: BalanceSetup, points = COURSE_POINTS): CoursePoint[] =>
  even(0, Math.max(0, setup.bow.balanceMm - setup.bow.thumbMm), points).map((at) => ({
    at,
    answer: levelUpTheStick(setup, at),
  }));
