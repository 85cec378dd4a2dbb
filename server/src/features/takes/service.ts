import { answers } from '@open-palm/words/answers';
import { strokeIssues } from '@open-palm/core/stroke';
import type { KeptTake, TakeInput } from '@open-palm/contract';
import { InputError } from '@open-palm/core/issue';
import { isSame } from '@open-palm/records/merge';
import { isOlderHash, receivedHash } from '../../bodyHash';
import { inTransaction } from '../../db/inTransaction';
import { keepEdit } from '../../edits/keepEdit';
import { notFound, Problem } from '../../problem';
import type { Edit } from '../../readBody';
import { setupExists, studentExists } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import type { Written } from '../../maker';
import { addTake, bodyHashOf, findTake, updateTake } from './repo';

/**
 * Keeps a take under the client's id, or an edit of it: cuts and what was seen of the fingers may be corrected, while what was recorded
 * never changes.
 *
 * @throws Problem `notFound` for an unknown student or instrument, `conflict` when the id belongs to another take
 * @throws ConflictProblem when it was corrected elsewhere too
 * @throws InputError when the take shows no stroke
 */
export function saveTake(
  { db, now }: Pick<StudioParts, 'db' | 'now'>,
  id: string,
  input: TakeInput,
  { received, maker }: Written,
  edit: Edit | null,
): Promise<KeptTake> {
  const take = { ...input, id, takenAt: new Date(input.takenAt).toISOString() };
  const bodySha256 = receivedHash(recordedOf(received as TakeInput));
  const createdAt = now().toISOString();
  return inTransaction(db, async (trx) => {
    const known = await findTake(trx, id);
    if (known && !(await isSameRecording())) {
      throw new Problem(409, 'conflict', answers.idTaken('take'), 'id');
    }
    const { body, version } = await keepEdit(trx, {
      kind: 'take',
      id,
      edit,
      body: { cuts: input.cuts, fingersSeen: input.fingersSeen },
      current: known && {
        version: known.version,
        body: { cuts: known.cuts, fingersSeen: known.fingersSeen },
      },
      maker,
      createdAt,
      async put(next) {
        if (known) return updateTake(trx, id, next);
        if (!(await studentExists(trx, input.studentId))) throw notFound('student', 'studentId');
        if (!(await setupExists(trx, input.studentId, input.setupId))) {
          throw notFound('instrument of this student', 'setupId');
        }
        const issues = strokeIssues(input.series);
        if (issues.length > 0) {
          throw new InputError(
            issues.map((issue) => ({ ...issue, where: `series.${issue.where}` })),
          );
        }
        return addTake(trx, take, { bodySha256, createdAt, maker });
      },
    });
    return { ...take, ...body, version };

    async function isSameRecording(): Promise<boolean> {
      const hash = (await bodyHashOf(trx, id))!;
      if (hash === bodySha256) return true;
      const { version: _, ...kept } = known!;
      return isOlderHash(hash) && isSame(recordedOf(kept), recordedOf(take));
    }
  });
}

/** What of a take never changes. */
const recordedOf = ({ cuts: _, fingersSeen: __, ...recorded }: TakeInput): unknown => recorded;
