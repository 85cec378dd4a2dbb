import { existsSync } from 'node:fs';
import { mkdir, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { BIN_DAYS, type BinItem, type Removal } from '@open-palm/contract';
import { eraseWords } from '@open-palm/words/erase';
import { inTransaction } from '../db/inTransaction';
import { touchSetups } from '../derive/repo';
import { faultOf } from '../faultOf';
import type { Maker } from '../maker';
import type { Log } from '../middleware/errors';
import { Problem } from '../problem';
import { dropPictures } from '../references/consent';
import { forgottenPictures, photosWithheld, studentExists } from '../references/repo';
import type { StudioParts } from '../studioParts';
import type { ErasedIds } from './erasedIds';
import { keysOf } from './erasedKeys';
import { eraseFiles } from './eraseFiles';
import {
  addToBin,
  binItems,
  deleteRows,
  dropFromBin,
  emptyLog,
  erasePictures,
  findInBin,
  findRemovable,
  idsInBin,
  insertRows,
  isInTheWay,
  markLooksPending,
  picturesOf,
  rowsOf,
  setupsOf,
  type KeptRemoval,
} from './repo';
import { markSwept, takeOut } from './sweep';

export interface BinParts extends Pick<StudioParts, 'db' | 'deriver' | 'now'> {
  /** The studio's own folder. */
  dataDir: string;
  pictureDir: string;
  outboxDir: string;
  erased: ErasedIds;
  /** A student was erased: what lies in backups and in studios set aside goes too. */
  onStudentErased(): void;
}

const DAY_MS = 24 * 3600 * 1000;

/** Where mail lies meanwhile that was ready to be sent: nobody sends what was taken away. */
const mailOf = ({ dataDir }: Pick<BinParts, 'dataDir'>, binId: string) =>
  join(dataDir, 'bin', binId);

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
  await moveMail(parts.outboxDir, mailOf(parts, id), done.looks);
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
  await addToBin(trx, item, { rows, pictureIds }, maker);
  await deleteRows(trx, removal);
  await touchSetups(trx, setups);
  return { item, setups, looks: looksIn({ ...item, rows }) };
}

/**
 * Takes away the photographs of a student whose guardian does not let them be kept any more, inside the transaction that says so.
 *
 * @param id of what then lies in the bin, where there are any
 */
export async function hidePhotographs(
  trx: Knex,
  id: string,
  studentId: string,
  at: Date,
  maker: Maker,
): Promise<void> {
  const removal: Removal = { kind: 'photographs', ofId: studentId };
  await putAway(trx, id, removal, at, maker);
}

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
    await insertRows(trx, found.rows);
    await dropFromBin(trx, [id]);
    // A look of the student's may have been erased by itself meanwhile, in a studio that was restored.
    if (found.kind === 'student') await takeOut(trx, erased);
    if (found.kind === 'student' || found.kind === 'check') await markLooksPending(trx, found);
    const back = await setupsOf(trx, found);
    await touchSetups(trx, back);
    return { kept: found, setups: back };
  });
  deriver.wake(setups);
  await moveMail(mailOf(parts, id), parts.outboxDir, looksIn(kept));
  await rm(mailOf(parts, id), { recursive: true, force: true });
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

/**
 * Erases something that was taken away, now and for good; a student with whatever of theirs was taken away before. What was erased is noted first: an
 * erasing that is cut off is brought to its end when the studio is opened next.
 */
export async function eraseNow(parts: BinParts, ids: readonly string[]): Promise<void> {
  const { db, erased, now } = parts;
  const items = await everythingOf(db, ids);
  if (items.length === 0) return;
  const isStudent = items.some(({ kind }) => kind === 'student');
  const pictures = items.flatMap(({ pictureIds }) => pictureIds);
  await erased.add(items.flatMap(keysOf), isStudent ? now().toISOString() : undefined);
  // Files first: as long as the rows are there, it is still known that something is left to be done.
  await eraseBeside(parts, new Set(pictures));
  for (const { id } of items) await rm(mailOf(parts, id), { recursive: true, force: true });
  await inTransaction(db, async (trx) => {
    await dropFromBin(
      trx,
      items.map(({ id }) => id),
    );
    await erasePictures(trx, pictures);
    await markSwept(trx, erased);
  });
  await emptyLog(db);
  if (isStudent) parts.onStudentErased();
}

/** How long a picture may wait for its look, days: a device that has not sent it by then sends both again. */
const FORGOTTEN_DAYS = 30;

/** Erases what has lain in the bin for its week, and pictures whose look never came. */
export async function eraseDue(parts: BinParts): Promise<void> {
  const { db, now } = parts;
  await eraseNow(parts, await idsInBin(db, { dueAt: now().toISOString() }));
  const before = new Date(now().getTime() - FORGOTTEN_DAYS * DAY_MS).toISOString();
  await dropPictures(parts, await forgottenPictures(db, before));
}

async function everythingOf(db: Knex, ids: readonly string[]): Promise<KeptRemoval[]> {
  const all = new Set(ids);
  for (const id of ids) {
    const item = await findInBin(db, id);
    if (item?.kind !== 'student') continue;
    for (const other of await idsInBin(db, { studentId: item.studentId })) all.add(other);
  }
  const found = await Promise.all([...all].map((id) => findInBin(db, id)));
  return found.flatMap((item) => item ?? []);
}

/** Files that belong to what was erased, in the studio and among what was set aside. */
async function eraseBeside(
  { dataDir, pictureDir }: Pick<BinParts, 'dataDir' | 'pictureDir'>,
  ids: ReadonlySet<string>,
): Promise<void> {
  if (ids.size === 0) return;
  for (const folder of [pictureDir, join(dataDir, 'set-aside')]) {
    await eraseFiles(folder, (id) => ids.has(id));
  }
}

/** Mail of what does not lie in the bin any more: an erasing was cut off. */
export async function dropStrayMail(db: Knex, dataDir: string): Promise<void> {
  const folder = join(dataDir, 'bin');
  if (!existsSync(folder)) return;
  const inBin = new Set((await binItems(db)).map(({ id }) => id));
  for (const id of await readdir(folder)) {
    if (!inBin.has(id)) await rm(join(folder, id), { recursive: true, force: true });
  }
}

const looksIn = ({ kind, ofId, rows }: Pick<KeptRemoval, 'kind' | 'ofId' | 'rows'>): string[] =>
  kind === 'letter' || kind === 'check'
    ? [ofId]
    : (new Map(rows).get('checks') ?? []).map(({ id }) => String(id));

async function moveMail(from: string, to: string, looks: readonly string[]): Promise<void> {
  for (const id of looks) {
    const name = `${id}.eml`;
    if (!existsSync(join(from, name))) continue;
    await mkdir(to, { recursive: true, mode: 0o700 });
    await rename(join(from, name), join(to, name));
  }
}

const itemOf = ({ rows: _, pictureIds: __, ...item }: KeptRemoval): BinItem => item;

/** How often it is looked whether a week is over, ms. */
const LOOK_EVERY_MS = 30 * 60_000;

/**
 * Erases from now on whatever has lain in the bin for its week.
 *
 * @returns stops it
 */
export function eraseWhenDue(parts: BinParts, log: Log): () => void {
  const look = () =>
    void eraseDue(parts).catch((error: unknown) =>
      log({ level: 'error', route: 'bin', stack: faultOf(error) }),
    );
  look();
  const timer = setInterval(look, LOOK_EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
