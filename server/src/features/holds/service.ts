import type { Knex } from 'knex';
import type { Hold } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { findHoldIssues } from '@open-palm/core/measure';
import { isSame, mergeFields } from '@open-palm/records/merge';
import { inTransaction } from '../../db/inTransaction';
import { addEdit, findEdit, newestOf } from '../../edits/repo';
import { ConflictProblem, Problem } from '../../problem';
import type { Edit } from '../../readBody';
import { findHold } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import type { Maker } from '../../maker';
import { addHold, latestVersion } from './repo';

/**
 * Keeps a version of an own hold. The same version again gives the same answer; older ones stay for the checks that were judged by
 * them. Where another version came in between, both are brought together as the next one.
 *
 * @returns the hold as it is kept, whose version may be a later one
 * @throws InputError for bands that make no sense
 * @throws Problem `conflict` for a version that is not the next one
 * @throws ConflictProblem when the same band was moved elsewhere too
 */
export function saveHold(
  { db, now }: Pick<StudioParts, 'db' | 'now'>,
  hold: Hold,
  maker: Maker,
  edit: Edit | null,
): Promise<Hold> {
  const issues = findHoldIssues(hold);
  if (issues.length > 0) throw new InputError(issues);
  return inTransaction(db, async (trx) => {
    const known = await findHold(trx, hold.id, hold.version);
    if (known && isSame(known, hold)) return known;
    const earlier = edit && (await findEdit(trx, edit.id));
    if (earlier) return (await findHold(trx, hold.id, earlier.version)) ?? hold;
    const latest = await latestVersion(trx, hold.id);
    if (hold.version > latest + 1) {
      const message = `The next version of this hold is ${latest + 1}, not ${hold.version}.`;
      throw new Problem(409, 'conflict', message, 'version');
    }
    const before = await newestOf(trx, 'hold', hold.id, edit?.after ?? []);
    const base = Math.max(hold.version - 1, before?.version ?? 0);
    const next =
      base === latest ? { ...hold, version: latest + 1 } : await brought(trx, hold, base, latest);
    const createdAt = now().toISOString();
    await addHold(trx, next, createdAt);
    if (edit) {
      const { id: ofId, version } = next;
      await addEdit(trx, {
        id: edit.id,
        kind: 'hold',
        ofId,
        version,
        body: null,
        sent: null,
        maker,
        createdAt,
      });
    }
    return next;
  });
}

/** A hold that was changed from an earlier version, brought together with the newest one. */
async function brought(trx: Knex, hold: Hold, from: number, latest: number): Promise<Hold> {
  const versionless = ({ version: _, ...rest }: Hold) => rest;
  const base = from > 0 ? await findHold(trx, hold.id, from) : undefined;
  const theirs = (await findHold(trx, hold.id, latest))!;
  const merged = mergeFields(
    base ? versionless(base) : null,
    versionless(hold),
    versionless(theirs),
  );
  if (merged.conflicts.length > 0) {
    throw new ConflictProblem({
      version: latest,
      theirs: merged.body,
      fields: merged.conflicts.map((path) => [...path]),
    });
  }
  return { ...merged.body, version: latest + 1 };
}
