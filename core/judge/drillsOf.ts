import type { Hold } from '../holds';
import { testById } from '../practice';
import type { Cause } from './judgeSchema';
import { DRILLS } from './knowledge';

/** A cause's drills that a hold lists among its tests, or that are meant for its bow. */
export const drillsOf = (
  { drills }: Pick<Cause, 'drills'>,
  { bow, tests }: Pick<Hold, 'bow' | 'tests'>,
): string[] =>
  drills.filter((id) => {
    if (testById(id)) return tests.includes(id);
    const drill = DRILLS.find((one) => one.id === id);
    return drill !== undefined && (drill.bows === undefined || drill.bows.includes(bow));
  });
