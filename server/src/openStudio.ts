import { join } from 'node:path';
import type { Knex } from 'knex';
import { finishRestore } from './backup/restoreBackup';
import { dropUnfinished } from './backup/unfinished';
import { lockFolder } from './db/lockFolder';
import { openDatabase, openReader } from './db/openDatabase';
import { ownTemporaries } from './db/ownTemporaries';
import { privateFolder } from './db/privateFolder';
import { inTransaction } from './db/inTransaction';
import { createDeriver, type Deriver } from './derive/deriver';
import { markPending } from './derive/repo';
import { threadRunner } from './derive/runner';
import { dropStrayMail } from './bin/mail';
import { openErased, type ErasedIds } from './erase/erasedIds';
import { emptyLog } from './erase/repo';
import { sweepStudio } from './erase/sweepFolder';
import { checkFiles, type FoundFiles } from './features/pictures/checkFiles';
import type { Log } from './middleware/errors';
import { studioId } from './studio/identity';
import { openSettings, type ChosenSettings } from './studio/settings';
import { seedDemo, type InventStudio } from './seedDemo';

export interface OpenedStudio {
  /** The studio's own id. */
  id: string;
  settings: ChosenSettings;
  db: Knex;
  reader: Knex;
  deriver: Deriver;
  pictureDir: string;
  erased: ErasedIds;
  found: FoundFiles;
  /** How many checks of the demo were added. */
  filled: number;
  /** How many looks are worked out anew, because the code that does it is another one. */
  renewed: number;
  /** Whether a restore that was cut off was brought to its end. */
  finishedRestore: boolean;
  close(): Promise<void>;
}

/** Where nothing can be moved nothing is looked for. */
const NOTHING_FOUND: FoundFiles = { setAside: null, missing: 0 };

/**
 * Opens the studio in a folder, for this process alone: its database brought up to date, files held against it, what waits taken up.
 *
 * @throws FolderTaken
 */
export async function openStudio(options: OpenOptions): Promise<OpenedStudio> {
  const { dataDir } = options;
  privateFolder(dataDir);
  ownTemporaries(dataDir);
  const unlock = lockFolder(dataDir);
  try {
    return await openLocked(options, unlock);
  } catch (error) {
    unlock();
    throw error;
  }
}

interface OpenOptions {
  /** Where the pictures lie of a studio that can only be read, of which `dataDir` is a copy. */
  readingFrom?: string | undefined;
  dataDir: string;
  workerFile: string;
  /** Fills a new studio with invented students. */
  invent?: InventStudio | undefined;
  now: () => Date;
  zone: string;
  log: Log;
}

async function openLocked(options: OpenOptions, unlock: () => void): Promise<OpenedStudio> {
  const { dataDir } = options;
  const finishedRestore = await finishRestore(dataDir);
  await dropUnfinished(dataDir);
  // Without the list of what was erased nothing is opened.
  const erased = openErased(dataDir);
  const db = await openDatabase(join(dataDir, 'studio.sqlite'));
  try {
    return { ...(await openParts(db, erased, options, unlock)), finishedRestore };
  } catch (error) {
    await db.destroy();
    throw error;
  }
}

async function openParts(
  db: Knex,
  erased: ErasedIds,
  { readingFrom, dataDir, workerFile, invent, now, zone, log }: OpenOptions,
  unlock: () => void,
): Promise<Omit<OpenedStudio, 'finishedRestore'>> {
  await sweepStudio(db, dataDir, erased);
  await dropStrayMail(db, dataDir);
  await emptyLog(db);
  const reader = openReader(join(dataDir, 'studio.sqlite'));
  const pictureDir = join(readingFrom ?? dataDir, 'pictures');
  const settings = await openSettings(db, zone);
  const runner = threadRunner(workerFile);
  const deriver = createDeriver({ db, reader, runner, zone: settings.zone, log });
  const renewed = await inTransaction(db, (trx) => markPending(trx, 'otherCode'));
  const parts = { db, reader, deriver, erased, pictureDir, now, zone: settings.zone };
  const filled = invent ? await seedDemo(parts, invent) : 0;
  const found =
    readingFrom === undefined
      ? await checkFiles(db, pictureDir, join(dataDir, 'set-aside'), now())
      : NOTHING_FOUND;
  await deriver.resume();
  // What is shown first of all is the demo: it is whole when the studio says that it is ready.
  if (filled > 0) await deriver.allSettled();
  return {
    id: await studioId(db),
    settings,
    db,
    reader,
    deriver,
    pictureDir,
    erased,
    found,
    filled,
    renewed,
    async close() {
      await deriver.close();
      await reader.destroy();
      await db.destroy();
      unlock();
    },
  };
}
