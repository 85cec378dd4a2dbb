import { answers } from '@open-palm/words/answers';
import type { LogEntry } from '@open-palm/contract';
import { receivedHash } from '../../bodyHash';
import { touchSetups } from '../../derive/repo';
import { keepOnce } from '../../keepOnce';
import { notFound, Problem } from '../../problem';
import { setupExists, studentExists } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import type { Written } from '../../maker';
import { addEntry, bodyHashOf, findEntry } from './repo';

/** Entries that change how a hold stands over the weeks: planned changes, re-form tests, what is worked on. */
export const SHAPES_TRACK: ReadonlySet<LogEntry['kind']> = new Set(['planned', 'test', 'cue']);

/**
 * Adds an entry to a student's lesson log. The same entry again gives the same answer.
 *
 * @throws Problem `notFound` for an unknown student or instrument, `conflict` when the id belongs to another entry
 */
export async function saveEntry(
  { db, now, deriver }: StudioParts,
  id: string,
  input: LogEntry,
  { received, maker }: Written,
): Promise<LogEntry> {
  if (input.id !== id) {
    throw new Problem(400, 'malformed', answers.twoIds, 'id');
  }
  const bodySha256 = receivedHash(received);
  const entry = normal(input);
  const shapes = SHAPES_TRACK.has(entry.kind);
  const isNew = await keepOnce(db, bodySha256, {
    what: 'entry',
    hashOf: (trx) => bodyHashOf(trx, id),
    facts: async (trx) => [await findEntry(trx, id), entry],
    add: async (trx) => {
      if (!(await studentExists(trx, input.studentId))) throw notFound('student', 'studentId');
      if (!(await setupExists(trx, input.studentId, input.setupId))) {
        throw notFound('instrument of this student', 'setupId');
      }
      await addEntry(trx, entry, { bodySha256, createdAt: now().toISOString(), maker });
      if (shapes) await touchSetups(trx, [entry.setupId]);
    },
  });
  if (isNew && shapes) deriver.wake([entry.setupId]);
  return entry;
}

/** Times in one form, so that they sort. */
const normal = (entry: LogEntry): LogEntry => ({
  ...entry,
  madeAt: new Date(entry.madeAt).toISOString(),
});
