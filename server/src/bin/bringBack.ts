import type { Knex } from 'knex';
import type { BinItem } from '@open-palm/contract';
import { eraseWords } from '@open-palm/words/erase';
import { inTransaction } from '../db/inTransaction';
import { touchSetups } from '../derive/repo';
import { takeOut } from '../erase/sweep';
import { Problem } from '../problem';
import { photosWithheld, studentExists } from '../references/repo';
import type { BinParts } from './binParts';
import { fitting } from './fitting';
import { bringMailBack } from './mail';
import {
  dropFromBin,
  findInBin,
  findRemovable,
  insertRows,
  isInTheWay,
  itemOf,
  markLooksPending,
  setupsOf,
  type KeptRemoval,
} from './repo';

/**
 * Brings back what was taken away.
 *
 * @throws Problem where that cannot be
 */
export async function bringBack(parts: BinParts, id: string): Promise<BinItem> {
  const { db, deriver, erased } = parts;
  const { kept, setups } = await inTransaction(db, async (trx) => {
    const found = await findInBin(trx, id);
    if (!found) throw new Problem(404, 'notFound', eraseWords.notBack, 'id');
    await refuseBack(trx, found);
    await insertRows(trx, await fitting(trx, found.rows));
    await dropFromBin(trx, [id]);
    // A look of the student's may have been erased by itself meanwhile, in a studio that was restored.
    if (found.kind === 'student') await takeOut(trx, erased);
    if (found.kind === 'student' || found.kind === 'check') await markLooksPending(trx, found);
    const back = await setupsOf(trx, found);
    await touchSetups(trx, back);
    return { kept: found, setups: back };
  });
  deriver.wake(setups);
  await bringMailBack(parts, id);
  return itemOf(kept);
}

async function refuseBack(trx: Knex, { kind, ofId, studentId, rows }: KeptRemoval): Promise<void> {
  const refuse = (message: string) => new Problem(409, 'notBack', message, 'id');
  if (kind !== 'student' && !(await studentExists(trx, studentId))) {
    throw refuse(eraseWords.ownerFirst);
  }
  if (kind === 'letter' && !(await findRemovable(trx, { kind: 'check', ofId }))) {
    throw refuse(eraseWords.lookFirst);
  }
  if ((kind === 'picture' || kind === 'photographs') && (await photosWithheld(trx, studentId))) {
    throw refuse(eraseWords.withheld);
  }
  if (await isInTheWay(trx, rows)) throw refuse(eraseWords.newerThere);
}
