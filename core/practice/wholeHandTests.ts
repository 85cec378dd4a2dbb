import { z } from 'zod';
import type { Hold } from '../holds';
import tests from './data/wholeHandTests.json';
import { LEVELS, wholeHandTestSchema, type Level, type WholeHandTest } from './testSchema';

/** Every whole-hand test. */
export const WHOLE_HAND_TESTS: readonly WholeHandTest[] = z.array(wholeHandTestSchema).parse(tests);

/** A test by its id. */
export const testById = (id: string): WholeHandTest | undefined =>
  WHOLE_HAND_TESTS.find((test) => test.id === id);

/** The tests of a hold that are asked of a student, in the hold's order. */
export function testsFor({ tests }: Pick<Hold, 'tests'>, level: Level): WholeHandTest[] {
  return tests.flatMap((id) => {
    const test = testById(id);
    return test && LEVELS.indexOf(test.fromLevel) <= LEVELS.indexOf(level) ? [test] : [];
  });
}
