import type { Knex } from 'knex';
import type { Take, TakeInput } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import { strokeIssues } from '@open-palm/core/stroke';
import { bodyHash } from '../../bodyHash';
import { notFound, Problem } from '../../problem';
import { setupExists, studentExists } from '../../references/repo';
import { addTake, bodyHashOf, updateTake } from './repo';

/**
 * Keeps a take under the client's id. The same again gives the same answer; cuts and what was seen of the fingers
 * take the place of the earlier ones, while what was recorded never changes.
 *
 * @throws Problem `notFound` for an unknown student or instrument, `conflict` when the id belongs to another take
 * @throws InputError when the take shows no stroke
 */
export async function saveTake(
  { db, now }: { db: Knex; now: () => Date },
  id: string,
  input: TakeInput,
): Promise<Take> {
  const take: Take = { ...input, id, takenAt: new Date(input.takenAt).toISOString() };
  const { cuts, fingersSeen, ...recorded } = input;
  const bodySha256 = bodyHash(recorded);
  const known = await bodyHashOf(db, id);
  if (known !== undefined) {
    if (known !== bodySha256) {
      throw new Problem(409, 'conflict', 'This id already belongs to another take.', 'id');
    }
    await updateTake(db, id, { cuts, fingersSeen });
    return take;
  }
  if (!(await studentExists(db, input.studentId))) throw notFound('student', 'studentId');
  if (!(await setupExists(db, input.studentId, input.setupId))) {
    throw notFound('instrument of this student', 'setupId');
  }
  const issues = strokeIssues(input.series);
  if (issues.length > 0) {
    throw new InputError(issues.map((issue) => ({ ...issue, where: `series.${issue.where}` })));
  }
  await addTake(db, take, { bodySha256, createdAt: now().toISOString() });
  return take;
}
