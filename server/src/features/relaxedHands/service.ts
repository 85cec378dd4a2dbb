import type { Knex } from 'knex';
import type { RelaxedHandInput, RelaxedHandRecord } from '@open-palm/contract';
import { relaxedHandFrom } from '@open-palm/core/hand';
import { bodyHash } from '../../bodyHash';
import { notFound, Problem } from '../../problem';
import { findRelaxedHand, pictureExists, studentExists } from '../../references/repo';
import { addRelaxedHand, bodyHashOf } from './repo';

/**
 * Keeps a relaxed-hand picture under the client's id. The same again gives the same answer.
 *
 * @throws Problem `notFound` for an unknown student or picture, `conflict` when the id belongs to another
 * @throws InputError when its points do not make a hand
 */
export async function saveRelaxedHand(
  { db, now }: { db: Knex; now: () => Date },
  id: string,
  input: RelaxedHandInput,
): Promise<RelaxedHandRecord> {
  const bodySha256 = bodyHash(input);
  const known = await findRelaxedHand(db, id);
  if (known) {
    if ((await bodyHashOf(db, id)) === bodySha256) return known;
    throw new Problem(409, 'conflict', 'This id already belongs to another picture.', 'id');
  }
  if (!(await studentExists(db, input.studentId))) throw notFound('student', 'studentId');
  if (!(await pictureExists(db, input.pictureId))) throw notFound('picture', 'pictureId');
  relaxedHandFrom(input.points);
  const record = { ...input, id, takenAt: new Date(input.takenAt).toISOString() };
  await addRelaxedHand(db, record, { bodySha256, createdAt: now().toISOString() });
  return record;
}
