import type { LogEntry } from '@open-palm/contract';
import { bodyHash } from '../../bodyHash';
import { inTransaction } from '../../db/inTransaction';
import { notFound, Problem } from '../../problem';
import { setupExists, studentExists } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { refreshTrack } from '../../tracking/refreshTrack';
import { addEntry, bodyHashOf } from './repo';

/** Entries that change how a hold stands over the weeks: planned changes, re-form tests, what is worked on. */
const SHAPES_TRACK: ReadonlySet<LogEntry['kind']> = new Set(['planned', 'test', 'cue']);

/**
 * Adds an entry to a student's lesson log. The same entry again gives the same answer.
 *
 * @throws Problem `notFound` for an unknown student or instrument, `conflict` when the id belongs to another entry
 */
export async function saveEntry(
  { db, now, zone }: StudioParts,
  id: string,
  input: LogEntry,
): Promise<LogEntry> {
  if (input.id !== id) {
    throw new Problem(400, 'malformed', 'The address and the entry name two ids.', 'id');
  }
  const bodySha256 = bodyHash(input);
  const known = await bodyHashOf(db, id);
  if (known !== undefined) {
    if (known === bodySha256) return normal(input);
    throw new Problem(409, 'conflict', 'This id already belongs to another entry.', 'id');
  }
  if (!(await studentExists(db, input.studentId))) throw notFound('student', 'studentId');
  if (!(await setupExists(db, input.studentId, input.setupId))) {
    throw notFound('instrument of this student', 'setupId');
  }
  const entry = normal(input);
  await inTransaction(db, async (trx) => {
    await addEntry(trx, entry, { bodySha256, createdAt: now().toISOString() });
    if (SHAPES_TRACK.has(entry.kind)) await refreshTrack(trx, entry.setupId, zone);
  });
  return entry;
}

/** Times in one form, so that they sort. */
const normal = (entry: LogEntry): LogEntry => ({
  ...entry,
  madeAt: new Date(entry.madeAt).toISOString(),
});
