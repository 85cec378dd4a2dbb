import type { Knex } from 'knex';
import type { Hold } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { findHoldIssues } from '@open-palm/core/measure';
import { Problem } from '../../problem';
import { findHold } from '../../references/repo';
import { addHold, latestVersion } from './repo';

/**
 * Keeps a version of an own hold. The same version again gives the same answer; older ones stay for the checks that
 * were judged by them.
 *
 * @throws InputError for bands that make no sense
 * @throws Problem `conflict` when this version was written otherwise, or another came in between
 */
export async function saveHold(
  { db, now }: { db: Knex; now: () => Date },
  hold: Hold,
): Promise<Hold> {
  const issues = findHoldIssues(hold);
  if (issues.length > 0) throw new InputError(issues);
  const known = await findHold(db, hold.id, hold.version);
  if (known) {
    if (JSON.stringify(known) === JSON.stringify(hold)) return known;
    throw new Problem(
      409,
      'conflict',
      'This hold was changed elsewhere. Load it again.',
      'version',
    );
  }
  const latest = await latestVersion(db, hold.id);
  if (hold.version !== latest + 1) {
    const message = `The next version of this hold is ${latest + 1}, not ${hold.version}.`;
    throw new Problem(409, 'conflict', message, 'version');
  }
  await addHold(db, hold, now().toISOString());
  return hold;
}
