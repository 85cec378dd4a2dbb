import { answers } from '@open-palm/words/answers';
import type { Knex } from 'knex';
import { inputOf, type KeptStudent, type Student, type StudentInput } from '@open-palm/contract';
import { inTransaction } from '../../db/inTransaction';
import { touchSetups } from '../../derive/repo';
import { keepEdit } from '../../edits/keepEdit';
import { putMailAside, type MailFolders } from '../../bin/mail';
import { hidePhotographs } from '../../bin/takeAway';
import { refuseGone } from '../../erase/refuseErased';
import { notFound, Problem } from '../../problem';
import type { Edit } from '../../readBody';
import { latestHolds } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import type { Maker } from '../../maker';
import { findStudent, putStudent } from './repo';
import { isShipped } from '@open-palm/records/holds';

/**
 * Keeps an edit of what is written down of a student, the first one too.
 *
 * @throws Problem `notFound` for an unknown hold, `conflict` for an instrument that belongs to another student
 * @throws ConflictProblem when the same field was changed elsewhere too
 */
export async function saveStudent(
  { db, now, deriver, erased, ...folders }: StudioParts & MailFolders,
  id: string,
  input: StudentInput,
  maker: Maker,
  edit: Edit | null,
): Promise<KeptStudent> {
  const createdAt = now().toISOString();
  const { kept, hidden } = await inTransaction(db, async (trx) => {
    await refuseUnknownHolds(trx, { id, ...input });
    const known = await findStudent(trx, id);
    // Asked once more where nobody can come between: who is being erased must not be added again.
    if (!known) await refuseGone(trx, erased, [id]);
    const { body, version } = await keepEdit<StudentInput>(trx, {
      kind: 'student',
      id,
      edit,
      body: input,
      current: known && { version: known.version, body: inputOf(known) },
      maker,
      createdAt,
      async put(next) {
        const student = { id, ...next.body };
        if (await putStudent(trx, student, next.version, createdAt)) {
          // The day of the lesson decides when the next look is due.
          return touchSetups(trx, setupIdsOf(next.body));
        }
        const message = answers.instrumentsTaken;
        throw new Problem(409, 'conflict', message, 'setups');
      },
    });
    return {
      kept: { id, ...body, version },
      hidden: body.photos === 'withheld' ? await hidePhotographs(trx, id, now(), maker) : null,
    };
  });
  if (hidden) await putMailAside(folders, hidden.binId, hidden.looks);
  deriver.wake(setupIdsOf(kept));
  return kept;
}

const setupIdsOf = ({ setups }: Pick<Student, 'setups'>): string[] => setups.map(({ id }) => id);

/** An own hold must be there, and be one of the setup's instrument. */
async function refuseUnknownHolds(trx: Knex, { setups }: Student): Promise<void> {
  if (setups.every(({ holdId }) => isShipped(holdId))) return;
  const own = await latestHolds(trx);
  for (const [i, { holdId, instrument }] of setups.entries()) {
    const where = `setups[${i}].holdId`;
    if (isShipped(holdId)) continue;
    const hold = own.find(({ id }) => id === holdId);
    if (!hold) throw notFound('hold', where);
    if (!hold.instruments.includes(instrument)) {
      throw new Problem(400, 'malformed', answers.holdOfOther, where);
    }
  }
}
