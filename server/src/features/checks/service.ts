import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { Check, CheckInput } from '@open-palm/contract';
import { notFound, Problem } from '../../problem';
import { judgeCheck } from './judgeCheck';
import { addCheck, bodyHashOf, findCheck, pictureExists, studentExists } from './repo';

/**
 * Keeps a check under the client's id. The same check again gives the same answer; nothing is half-kept.
 *
 * @throws Problem `notFound` for an unknown student or picture, `conflict` when the id belongs to another check
 * @throws InputError when its points cannot be measured
 */
export async function saveCheck(
  { db, now }: { db: Knex; now: () => Date },
  id: string,
  input: CheckInput,
): Promise<Check> {
  const bodySha256 = createHash('sha256').update(JSON.stringify(input)).digest('hex');
  const known = await bodyHashOf(db, id);
  if (known !== undefined) {
    if (known !== bodySha256) {
      throw new Problem(409, 'conflict', 'This id already belongs to another check.', 'id');
    }
    return loadCheck(db, id);
  }
  if (!(await studentExists(db, input.studentId))) throw notFound('student', 'studentId');
  for (const [i, capture] of input.captures.entries()) {
    if (!(await pictureExists(db, capture.pictureId))) {
      throw notFound('picture', `captures[${i}].pictureId`);
    }
  }
  const { check, standings } = judgeCheck(id, input);
  await addCheck(db, check, { standings, bodySha256, createdAt: now().toISOString() });
  return loadCheck(db, id);
}

/** @throws Problem `notFound` */
export async function loadCheck(db: Knex, id: string): Promise<Check> {
  const check = await findCheck(db, id);
  if (!check) throw notFound('check', 'id');
  return check;
}
