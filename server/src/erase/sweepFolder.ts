import { existsSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { DATABASE_NAME } from '@open-palm/contract';
import { openDatabase } from '../db/openDatabase';
import { NOTHING, type ErasedIds } from './erasedIds';
import { eraseFiles } from './eraseFiles';
import { emptyLog, writeAnew } from './repo';
import { looksWithErasedMail, sweepErased } from './sweep';

/** Folders whose files are named by what they belong to. */
const NAMED = ['pictures', 'outbox'] as const;

/**
 * Takes what was erased out of a studio that nobody has open: one that was set aside, or one that was unpacked from a backup. Its tables are brought up
 * to date for it.
 */
export async function sweepFolder(folder: string, erased: ErasedIds): Promise<void> {
  const file = join(folder, DATABASE_NAME);
  if (erased.mark() === NOTHING || !existsSync(file)) return;
  const db = await openDatabase(file);
  try {
    if (await sweepStudio(db, folder, erased)) await writeAnew(db);
    await emptyLog(db);
  } finally {
    await db.destroy();
  }
}

/**
 * Takes what was erased out of a studio whose database is open, unless that was done with this very list. Files first: as long as rows are there, it is still
 * known that something is left to be done.
 *
 * @returns whether anything had to be looked at
 */
export async function sweepStudio(db: Knex, folder: string, erased: ErasedIds): Promise<boolean> {
  const mail = new Set(await looksWithErasedMail(db, erased));
  for (const name of NAMED) await eraseFiles(join(folder, name), erased.has);
  await eraseFiles(join(folder, 'outbox'), (id) => mail.has(id));
  return sweepErased(db, erased);
}

/** Studios that were set aside when another one was restored in their place. */
export async function studiosSetAside(dataDir: string): Promise<string[]> {
  const aside = join(dataDir, 'set-aside');
  if (!existsSync(aside)) return [];
  return (await readdir(aside))
    .map((name) => join(aside, name))
    .filter((folder) => existsSync(join(folder, DATABASE_NAME)));
}
