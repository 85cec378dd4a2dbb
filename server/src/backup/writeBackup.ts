import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, open, rename, rm, stat } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { DATABASE_NAME, type BackupManifest } from '@open-palm/contract';
import { backupWords } from '@open-palm/words/backups';
import { BackupProblem, diskProblem } from './backupProblem';
import { verifyBackup } from './readBackup';
import { copyDatabase } from './snapshot';
import { partName, WORK } from './unfinished';
import { zipStudio } from './zipStudio';

/** What is asked of a backup; plain data, so that another thread can be told. */
export interface BackupOrder {
  dataDir: string;
  /** The file that it is written to, which must not exist yet. */
  to: string;
  madeAt: string;
  build: string;
}

export interface BackupMade {
  bytes: number;
  manifest: BackupManifest;
}

/**
 * Writes all of a studio into one zip file, while the studio may be served: its database as it was at one moment, the pictures that it names, and
 * the letters that lie ready. The file is read back before it takes its name: under that name there is a whole backup, or none.
 *
 * Who may come in (passphrases, devices, certificates) belongs to this machine and is not in it.
 *
 * @throws BackupProblem
 */
export async function writeBackup(order: BackupOrder): Promise<BackupMade> {
  const { dataDir, to } = order;
  const database = join(dataDir, DATABASE_NAME);
  if (!existsSync(database)) throw new BackupProblem(backupWords.noStudio(dataDir));
  if (existsSync(to)) throw new BackupProblem(backupWords.taken(to));
  const part = partName(to);
  let work: string | undefined;
  try {
    await mkdir(dirname(to), { recursive: true, mode: 0o700 });
    work = await mkdtemp(join(dataDir, WORK));
    const copy = join(work, DATABASE_NAME);
    copyDatabase(database, copy);
    const { madeAt, build } = order;
    await zipStudio({ from: dataDir, database: copy, madeAt, build, part, erasedUpTo: null });
    const manifest = await verifyBackup(part);
    await rename(part, to);
    await syncFolder(dirname(to));
    return { bytes: (await stat(to)).size, manifest };
  } catch (error) {
    throw diskProblem(error, dirname(to));
  } finally {
    // What cannot be cleared away must not hide why; the next start tries again.
    const clear = (path: string) =>
      rm(path, { recursive: true, force: true }).catch(() => undefined);
    await clear(part);
    if (work) await clear(work);
  }
}

/** A new name is on the disk only when its folder is. */
export async function syncFolder(path: string): Promise<void> {
  const folder = await open(path, 'r');
  await folder.sync();
  await folder.close();
}
