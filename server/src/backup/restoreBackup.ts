import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, rename, rm, statfs } from 'node:fs/promises';
import { join } from 'node:path';
import writeFileAtomic from 'write-file-atomic';
import { z } from 'zod';
import { DATABASE_NAME, ERASED_NAME, type BackupManifest } from '@open-palm/contract';
import { backupWords } from '@open-palm/words/backups';
import { bytesWords } from '@open-palm/words/bytes';
import { knowsTables } from '../db/openDatabase';
import { findErased, openErased } from '../erase/erasedIds';
import { sweepFolder } from '../erase/sweepFolder';
import { BackupProblem, diskProblem } from './backupProblem';
import { readManifest, unpackBackup } from './readBackup';
import { isWhole, readSnapshot } from './snapshot';
import { syncFolder } from './writeBackup';

/** What is moved: the database with its log, and what lies beside it. Who may come in stays: it is this machine's. */
const MOVED = [
  DATABASE_NAME,
  `${DATABASE_NAME}-wal`,
  `${DATABASE_NAME}-shm`,
  'pictures',
  'outbox',
] as const;
/** Where a backup is unpacked, and held against its hashes, before anything is moved. */
const INCOMING = 'restore-incoming';
const JOURNAL = 'restore.json';

/**
 * How far the moving is. First all that was here goes aside, then what came in takes its place: at either, whatever is still at its old place has
 * not been moved.
 */
const journalSchema = z.object({
  step: z.enum(['aside', 'in']),
  /** Below the studio's folder; null where nothing was here. */
  aside: z.string().nullable(),
});
type Journal = z.infer<typeof journalSchema>;

export interface Restored {
  manifest: BackupManifest;
  /** Where what was here before lies now; null where nothing was. */
  aside: string | null;
}

/**
 * Puts a backup in the place of the studio in a folder, which the caller holds alone and in which no database is open. All of it is read and held
 * against its hashes before anything is moved; what was here is set aside; and a moving that is cut off is brought to its end at the next start.
 *
 * @throws BackupProblem with nothing changed
 */
export async function restoreBackup({
  dataDir,
  file,
  now,
}: {
  dataDir: string;
  file: string;
  now: Date;
}): Promise<Restored> {
  const manifest = await unpackForRestore({ dataDir, file });
  const aside = await commitRestore(dataDir, now);
  await finishRestore(dataDir);
  return { manifest, aside };
}

/**
 * Unpacks a backup beside the studio, which may be served meanwhile, and holds all of it against its hashes.
 *
 * @throws BackupProblem with nothing changed
 */
export async function unpackForRestore({
  dataDir,
  file,
}: {
  dataDir: string;
  file: string;
}): Promise<BackupManifest> {
  const incoming = join(dataDir, INCOMING);
  const manifest = await readManifest(file);
  if (!knowsTables(manifest.tables)) throw new BackupProblem(backupWords.newer);
  await roomFor(manifest, dataDir);
  try {
    await rm(incoming, { recursive: true, force: true });
    await mkdir(incoming, { mode: 0o700 });
    await unpackBackup(file, incoming);
    if (!isWhole(join(incoming, DATABASE_NAME))) {
      throw new BackupProblem(backupWords.damaged(DATABASE_NAME));
    }
    // What the manifest says of the database is not the database.
    if (!knowsTables(readSnapshot(join(incoming, DATABASE_NAME)).tables)) {
      throw new BackupProblem(backupWords.newer);
    }
    await withoutErased(incoming, dataDir);
    await syncAll(incoming);
  } catch (error) {
    await rm(incoming, { recursive: true, force: true });
    throw diskProblem(error, dataDir);
  }
  return manifest;
}

/**
 * Notes that what was unpacked takes the studio's place: from here on the next start brings it to its end. Whoever has the studio open closes it and
 * opens it again.
 *
 * @returns where what is here will lie; null where nothing is
 */
export async function commitRestore(dataDir: string, now: Date): Promise<string | null> {
  const isAnything = MOVED.some((name) => existsSync(join(dataDir, name)));
  const stamp = now.toISOString().replace(/[:.]/g, '-');
  const aside = isAnything ? join('set-aside', `before-restore-${stamp}`) : null;
  await note(dataDir, { step: 'aside', aside });
  return aside === null ? null : join(dataDir, aside);
}

/**
 * What was erased here, or where the backup was made, does not come back: both lists become this studio's, and what they name is taken out of what
 * came in before it is in its place.
 */
async function withoutErased(incoming: string, dataDir: string): Promise<void> {
  const theirs = findErased(incoming);
  if (!theirs && !findErased(dataDir)) return;
  const erased = openErased(dataDir);
  if (theirs) await erased.merge(theirs);
  await rm(join(incoming, ERASED_NAME), { force: true });
  await sweepFolder(incoming, erased);
}

/**
 * Brings a restore that was cut off to its end; called by whoever holds the folder, before the database is opened.
 *
 * @returns whether there was one
 */
export async function finishRestore(dataDir: string): Promise<boolean> {
  const incoming = join(dataDir, INCOMING);
  const journal = await noted(dataDir);
  if (journal === null) {
    // Cut off before anything was moved: the backup is still where it came from.
    await rm(incoming, { recursive: true, force: true });
    return false;
  }
  if (journal.step === 'aside') {
    if (journal.aside !== null) await moveAll(dataDir, join(dataDir, journal.aside));
    await note(dataDir, { ...journal, step: 'in' });
  }
  await moveAll(incoming, dataDir);
  await rm(join(dataDir, JOURNAL));
  await syncFolder(dataDir);
  await rm(incoming, { recursive: true, force: true });
  return true;
}

/** Moves what is there; what is not has been moved before, or never was. */
async function moveAll(from: string, to: string): Promise<void> {
  await mkdir(to, { recursive: true, mode: 0o700 });
  for (const name of MOVED) {
    if (existsSync(join(from, name))) await rename(join(from, name), join(to, name));
  }
  await syncFolder(to);
  if (existsSync(from)) await syncFolder(from);
}

const note = (dataDir: string, journal: Journal): Promise<void> =>
  writeFileAtomic(join(dataDir, JOURNAL), JSON.stringify(journal), { mode: 0o600 });

async function noted(dataDir: string): Promise<Journal | null> {
  const path = join(dataDir, JOURNAL);
  return existsSync(path) ? journalSchema.parse(JSON.parse(await readFile(path, 'utf8'))) : null;
}

/** The studio that is here stays while the other one is unpacked: both have to find room. */
async function roomFor(manifest: BackupManifest, dataDir: string): Promise<void> {
  const needed = manifest.files.reduce((sum, { bytes }) => sum + bytes, 0);
  const { bavail, bsize } = await statfs(dataDir);
  if (needed > bavail * bsize) {
    throw new BackupProblem(backupWords.tooLarge(bytesWords(needed), bytesWords(bavail * bsize)));
  }
}

async function syncAll(folder: string): Promise<void> {
  for (const entry of await readdir(folder, { withFileTypes: true })) {
    if (entry.isDirectory()) await syncAll(join(folder, entry.name));
  }
  await syncFolder(folder);
}
