import type { Knex } from 'knex';
import type { LogEntry } from '@open-palm/contract';
import { bodyHash } from '../../bodyHash';
import { notFound, Problem } from '../../problem';
import { setupExists, studentExists } from '../../references/repo';
import { addEntry, bodyHashOf } from './repo';

/**
 * Adds an entry to a student's lesson log. The same entry again gives the same answer.
 *
 * @throws Problem `notFound` for an unknown student or instrument, `conflict` when the id belongs to another entry
 */
export async function saveEntry(
  { db, now }: { db: Knex; now: () => Date },
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
  await addEntry(db, entry, { bodySha256, createdAt: now().toISOString() });
  return entry;
}

/** Times in one form, so that they sort. */
const normal = (entry: LogEntry): LogEntry => ({
  ...entry,
  madeAt: new Date(entry.madeAt).toISOString(),
});
