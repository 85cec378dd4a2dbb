import type { Knex } from 'knex';
import {
  deleteRows,
  dropFromBin,
  everyBinned,
  findInBin,
  looksNaming,
  picturesOf,
  setupsOf,
} from '../bin/repo';
import { inTransaction } from '../db/inTransaction';
import { readFact, writeFact } from '../studio/repo';
import { touchSetups } from '../derive/repo';
import { NOTHING, type ErasedIds } from './erasedIds';
import { letterKey } from './erasedKeys';
import { deleteEdits, erasePictures, everyErasable, everyLetter, everyLetterEdit } from './repo';

const MARK = 'erased';

/**
 * Takes out of a database whatever the list says was erased: after a restore, and after an erasing that was cut off. Nothing is done to one that has
 * been gone through with this very list.
 *
 * @returns whether anything had to be looked at; files are for the caller
 */
export async function sweepErased(db: Knex, erased: ErasedIds): Promise<boolean> {
  if (((await readFact(db, MARK)) ?? NOTHING) === erased.mark()) return false;
  await inTransaction(db, async (trx) => {
    await takeOut(trx, erased);
    await writeFact(trx, MARK, erased.mark());
  });
  return true;
}

/**
 * Looks whose mail goes although they stay: their letter was erased, or a picture that it may show. To be asked before they are taken out; nothing where
 * a database was gone through with this list.
 */
export async function looksWithErasedMail(db: Knex, erased: ErasedIds): Promise<string[]> {
  if (((await readFact(db, MARK)) ?? NOTHING) === erased.mark()) return [];
  const letters = (await everyLetter(db)).filter((letter) => erased.has(letterKey(letter)));
  const { pictures } = await everyErasable(db);
  const named = await looksNaming(
    db,
    pictures.filter((id) => erased.has(id)),
  );
  return [...letters.map(({ check_id }) => check_id), ...named];
}

/** Notes inside the transaction that erased something that nothing of the list is left. */
export const markSwept = (trx: Knex, erased: ErasedIds): Promise<void> =>
  writeFact(trx, MARK, erased.mark());

/** Takes out what the list names, inside a transaction of the caller's. */
export async function takeOut(trx: Knex, erased: ErasedIds): Promise<void> {
  for (const item of await everyBinned(trx)) {
    const whole = item.kind === 'letter' ? await findInBin(trx, item.id) : undefined;
    const isErased = whole
      ? letterIsErased(whole.rows, erased)
      : erased.has(item.of_id) || erased.has(item.student_id);
    if (isErased) await dropFromBin(trx, [item.id]);
  }
  const { students, checks, takes, pictures } = await everyErasable(trx);
  const gone = new Set(pictures.filter((id) => erased.has(id)));
  for (const [kind, ids] of [
    ['student', students],
    ['check', checks],
    ['take', takes],
  ] as const) {
    for (const ofId of ids) {
      if (!erased.has(ofId)) continue;
      for (const id of await picturesOf(trx, { kind, ofId })) gone.add(id);
      const setups = await setupsOf(trx, { kind, ofId });
      await deleteRows(trx, { kind, ofId });
      await touchSetups(trx, setups);
    }
  }
  const edits = (await everyLetterEdit(trx)).filter((edit) => erased.has(letterKey(edit)));
  await deleteEdits(
    trx,
    edits.map(({ id }) => id),
  );
  for (const letter of await everyLetter(trx)) {
    if (!erased.has(letterKey(letter))) continue;
    await deleteRows(trx, { kind: 'letter', ofId: letter.check_id });
  }
  await erasePictures(trx, [...gone]);
}

function letterIsErased(
  rows: readonly (readonly [string, readonly Record<string, unknown>[]])[],
  erased: ErasedIds,
): boolean {
  const [letter] = new Map(rows).get('letters') ?? [];
  return (
    letter !== undefined &&
    erased.has(letterKey({ check_id: String(letter.check_id), at: String(letter.updated_at) }))
  );
}
