import type { Unit } from '../measure';
import defaults from './data/trackDefaults.json';

/** Whether two values differ by more than the hold does from one forming to the next. */
export interface Change {
  code: 'realChange' | 'noRealChange';
  /** To − from. */
  by: number;
  /** The smallest change that counts. */
  smallest: number;
}

/**
 * The standard error of measurement of a checkpoint until a re-form test has told it: what the same hand differs by when it
 * forms the same hold afresh.
 *
 * @returns null for what is no number
 * @example defaultSem('deg') // 5
 */
export function defaultSem(unit: Unit): number | null {
  switch (unit) {
    case 'deg':
      return defaults.semDeg;
    case 'mm':
      return defaults.semMm;
    case 'u':
      return defaults.semUnits;
    default:
      return null;
  }
}

/**
 * The standard error of measurement from repeated formings: the standard deviation within a test, pooled over tests by their
 * degrees of freedom.
 *
 * @param tests the values of each test
 * @returns null when no test has two values
 */
export function pooledSem(tests: readonly (readonly number[])[]): number | null {
  let [squares, freedom] = [0, 0];
  for (const values of tests.filter((test) => test.length > 1)) {
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    squares += values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
    freedom += values.length - 1;
  }
  return freedom === 0 ? null : Math.sqrt(squares / freedom);
}

/**
 * The smallest difference between two checks that is more than measurement error, 95 %: 1.96 · √2 · SEM [published: J. Weir,
 * J. Strength Cond. Res. 19(1), 2005].
 *
 * @example smallestRealChange(5) // 13.86
 */
export const smallestRealChange = (sem: number): number => 1.96 * Math.SQRT2 * sem;

/**
 * What changed between two values of the same checkpoint, same unit as the values.
 *
 * @example changeBetween(14, 31, 5) // { code: 'realChange', by: 17, smallest: 13.86 }
 */
export function changeBetween(from: number, to: number, sem: number): Change {
  const smallest = smallestRealChange(sem);
  const by = to - from;
  return { code: Math.abs(by) > smallest ? 'realChange' : 'noRealChange', by, smallest };
}
