import type { BowKind } from '../../holds';
import type { Need } from '../drills';
import type { Level } from '../testSchema';

/** A day of a plan. */
export interface PlanDay {
  /** Days since 1970. */
  day: number;
  /** Whether the student has the instrument on that day. */
  withInstrument: boolean;
}

/** What a plan rests on: plain data, so that it can be kept, sent and solved anywhere. */
export interface PlanFacts {
  /** The days until the next lesson, in order, without it. */
  days: readonly PlanDay[];
  /** Minutes a day for the hold. */
  minutesADay: number;
  hold: { bow: BowKind; tests: readonly string[] };
  student: {
    /** Years; null for a grown student of unknown age. */
    age: number | null;
    level: Level;
    isHypermobile: boolean;
    /** Pain, numbness, tingling or swelling is noted and not cleared: no exercise at all. */
    hurts: boolean;
    /** The last time that the little finger was loaded it tired. */
    wasTired: boolean;
    /** How long the bow was carried free in the newest test, seconds; null where that was never tried. */
    carrySeconds: number | null;
  };
  /** What is at home beside the bow and what is always there. */
  has: readonly Need[];
  /** Causes that are worked on with how probable each is. */
  causes: Readonly<Record<string, number>>;
  /** What of a drill is known of this student. */
  history: Readonly<Record<string, DrillHistory>>;
  /** What the teacher has settled: drills that are in, and drills that are not. */
  locked: readonly string[];
  dropped: readonly string[];
  /** Drills that the teacher has put into just one phase, counted from 1; one that there is not is the last. */
  moved?: Readonly<Record<string, number>>;
}

/** A drill's own story with a student. */
export interface DrillHistory {
  /** The stage that is open, counted from 1. */
  stage: number;
  /** Days on which it was done, ever. */
  daysDone: number;
  /** How much it takes away of a cause for this student, against what the table says; 1 until something is known. */
  effectScale: number;
}

/** The limits of a plan. */
export interface PlanLimits {
  minutesADay: number;
  drillsADay: number;
  newShapes: number;
  /** Minutes a day that load the little finger fully. */
  loadMinutes: number;
}

/** Until which age, in years, a child's limits count. [practice; numbers memory] */
const CHILD = { short: 8, load: 12, grown: 18 };

/** The limits for a student. */
export function planLimits({ minutesADay, student, hold }: PlanFacts): PlanLimits {
  const age = student.age ?? CHILD.grown;
  const isLarge = hold.bow !== 'violin';
  return {
    minutesADay,
    drillsADay: age >= CHILD.grown ? 4 : 3,
    newShapes: 2,
    loadMinutes: age < CHILD.short && isLarge ? 0 : age < CHILD.load ? 1 : 3,
  };
}

/** Usual minutes a day: child, youth, grown. [memory] */
export function usualMinutes(age: number | null): number {
  if (age === null || age >= CHILD.grown) return 12;
  return age < CHILD.load ? 6 : 10;
}

/** Below this age a turn is a minute at most. */
export const isShortTurned = (age: number | null): boolean => age !== null && age < CHILD.short;
