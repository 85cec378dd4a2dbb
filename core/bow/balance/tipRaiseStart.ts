import { balanceOf } from './balance';
import { comfortCapN } from './comfort';
import { levelUpTheStick } from './courses';
import type { BalanceSetup } from './setup';

/** Where to begin the tip raise so that the little finger is not asked for more than is comfortable. */
export type TipRaiseStart =
  /** Where the hand is now. */
  | { kind: 'here'; littleN: number; capN: number }
  /** Further up the stick: the places to begin at and to move down by, mm up from where the hand is, the last is 0. */
  | { kind: 'upTheStick'; placesMm: number[]; littleN: number; hereN: number; capN: number }
  /** A hand that stays at the frog: upright first, and lowered no further than this. */
  | { kind: 'upright'; lowestDeg: number; hereN: number; capN: number }
  /** Without a little finger on the bow, or with nothing that holds the tip up. */
  | { kind: 'noLittleFinger' };

/** Steps between places, mm, and between angles, degrees: finer than a hand is set. */
const PLACE_STEP_MM = 5;
const ANGLE_STEP_DEG = 5;

/** Whether a force is under a cap as told, to 0.1 N: no hand feels less. */
const isUnder = (force: number, cap: number): boolean => Math.round(force * 10) / 10 <= cap;

/** In how many moves the hand comes down to the frog. [practice] */
const MOVES_DOWN = 4;

/**
 * Where the little finger stays under its comfort cap for the whole tip raise. The load is largest with the bow level.
 *
 * @param share of an adult's strength
 */
export function tipRaiseStart(setup: BalanceSetup, share: number): TipRaiseStart {
  const capN = comfortCapN('little', share);
  const hereN = littleN(levelUpTheStick(setup, 0));
  if (setup.contacts.little === undefined || hereN === null) return { kind: 'noLittleFinger' };
  if (isUnder(hereN, capN)) return { kind: 'here', littleN: hereN, capN };
  return setup.hold === 'over'
    ? upTheStick(setup, hereN, capN)
    : { kind: 'upright', lowestDeg: lowestAngle(setup, capN), hereN, capN };
}

function upTheStick(setup: BalanceSetup, hereN: number, capN: number): TipRaiseStart {
  const most = setup.bow.balanceMm - setup.bow.thumbMm;
  for (let up = PLACE_STEP_MM; up < most; up += PLACE_STEP_MM) {
    const there = littleN(levelUpTheStick(setup, up));
    if (there !== null && isUnder(there, capN)) {
      return { kind: 'upTheStick', placesMm: downFrom(up), littleN: there, hereN, capN };
    }
  }
  // At the balance point the little finger carries nothing.
  return { kind: 'upTheStick', placesMm: downFrom(most), littleN: 0, hereN, capN };
}

/** From a place down to where the hand was, in even moves. */
const downFrom = (upMm: number): number[] =>
  Array.from({ length: MOVES_DOWN + 1 }, (_, i) => {
    const at = upMm * (1 - i / MOVES_DOWN);
    return Math.round(at / PLACE_STEP_MM) * PLACE_STEP_MM;
  }).filter((at, i, all) => at !== all[i - 1]);

function lowestAngle(setup: BalanceSetup, capN: number): number {
  for (let lowest = 0; lowest < 90; lowest += ANGLE_STEP_DEG) {
    const force = littleN(balanceOf({ ...setup, string: null, planeDeg: 0, tiltDeg: lowest }));
    if (force !== null && isUnder(force, capN)) return lowest;
  }
  return 90;
}

const littleN = (answer: ReturnType<typeof balanceOf>): number | null =>
  answer.feasible ? (answer.balance.shareN.little ?? 0) : null;
