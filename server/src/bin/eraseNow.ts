import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { inTransaction } from '../db/inTransaction';
import { keysOf } from '../erase/erasedKeys';
import { eraseFiles } from '../erase/eraseFiles';
import { emptyLog, erasePictures } from '../erase/repo';
import { markSwept, takeOut } from '../erase/sweep';
import { faultOf } from '../faultOf';
import { sweepGroups } from '../features/groups/service';
import type { Log } from '../middleware/errors';
import { dropPictures } from '../references/consent';
import { forgottenPictures } from '../references/repo';
import type { BinParts } from './binParts';
import { mailOf } from './mail';
import { dropFromBin, findInBin, idsInBin, type KeptRemoval } from './repo';

const DAY_MS = 24 * 3600 * 1000;

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
  const looks = new Set(items.flatMap(looksOf));
  await eraseFiles(parts.outboxDir, (id) => looks.has(id));
  await inTransaction(db, async (trx) => {
    await dropFromBin(
      trx,
      items.map(({ id }) => id),
    );
    await erasePictures(trx, pictures);
    // Whatever was brought back since it was read here is erased all the same: that it is to go is noted already.
    await takeOut(trx, erased);
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

/** Looks that are gone: no mail can be of them that is not theirs. */
const looksOf = ({ rows }: KeptRemoval): string[] =>
  (new Map(rows).get('checks') ?? []).map(({ id }) => String(id));

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

/** How often it is looked whether a week is over, ms. */
const LOOK_EVERY_MS = 30 * 60_000;

/**
 * Erases from now on whatever has lain in the bin for its week.
 *
 * @returns stops it
 */
export function eraseWhenDue(parts: BinParts, log: Log): () => void {
  const look = () =>
    void eraseDue(parts)
      .then(() => sweepGroups(parts))
      .catch((error: unknown) => log({ level: 'error', route: 'bin', stack: faultOf(error) }));
  look();
  const timer = setInterval(look, LOOK_EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
