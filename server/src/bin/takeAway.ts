import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import { BIN_DAYS, type BinItem, type Removal } from '@open-palm/contract';
import { eraseWords } from '@open-palm/words/erase';
import { inTransaction } from '../db/inTransaction';
import { touchSetups } from '../derive/repo';
import type { Maker } from '../maker';
import { Problem } from '../problem';
import type { BinParts } from './binParts';
import { looksWithMail, putMailAside } from './mail';
import {
  addToBin,
  deleteRows,
  findInBin,
  findRemovable,
  itemOf,
  picturesOf,
  rowsOf,
  setupsOf,
} from './repo';

const DAY_MS = 24 * 3600 * 1000;

/**
 * Takes something away: nobody sees it any more, and for a week it can be brought back. The same request again changes nothing.
 *
 * @throws Problem `notFound`, and `conflict` where the id is that of another request
 */
export async function takeAway(
  parts: BinParts,
  id: string,
  removal: Removal,
  maker: Maker,
): Promise<BinItem> {
  const { db, now, deriver } = parts;
  const done = await inTransaction(db, async (trx) => {
    const known = await findInBin(trx, id);
    if (known) {
      if (known.kind === removal.kind && known.ofId === removal.ofId) {
        return { item: itemOf(known), setups: [], looks: [] };
      }
      throw new Problem(409, 'conflict', eraseWords.nothingToRemove, 'id');
    }
    return putAway(trx, id, removal, now(), maker);
  });
  if (!done) throw new Problem(404, 'notFound', eraseWords.nothingToRemove, 'ofId');
  deriver.wake(done.setups);
  await putMailAside(parts, id, done.looks);
  return done.item;
}

/** Puts something into the bin, inside a transaction of the caller's; null where it is not there. */
async function putAway(trx: Knex, id: string, removal: Removal, at: Date, maker: Maker) {
  const found = await findRemovable(trx, removal);
  if (!found) return null;
  const rows = await rowsOf(trx, removal);
  const pictureIds = await picturesOf(trx, removal);
  if (removal.kind === 'photographs' && pictureIds.length === 0) return null;
  const setups = await setupsOf(trx, removal);
  const item: BinItem = {
    ...found,
    id,
    removedAt: at.toISOString(),
    goneAt: new Date(at.getTime() + BIN_DAYS * DAY_MS).toISOString(),
  };
  const looks = await looksWithMail(trx, { ...removal, rows, pictureIds });
  await addToBin(trx, item, { rows, pictureIds }, maker);
  await deleteRows(trx, removal);
  await touchSetups(trx, setups);
  return { item, setups, looks };
}

/** What a transaction took away whose mail is still to be put aside, once it is done. */
export interface Hidden {
  binId: string;
  looks: string[];
}

/**
 * Takes away the photographs of a student whose guardian does not let them be kept any more, inside the transaction that says so.
 *
 * @returns whose mail is to be put aside then; null where there were none
 */
export async function hidePhotographs(
  trx: Knex,
  studentId: string,
  at: Date,
  maker: Maker,
): Promise<Hidden | null> {
  const binId = uuidv7();
  const removal: Removal = { kind: 'photographs', ofId: studentId };
  const done = await putAway(trx, binId, removal, at, maker);
  return done && { binId, looks: done.looks };
}
