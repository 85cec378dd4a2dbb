import { createReadStream, createWriteStream, existsSync } from 'node:fs';
import { mkdir, mkdtemp, open, readdir, rename, rm, stat } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { ZipFile } from 'yazl';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  DATABASE_NAME,
  MANIFEST_NAME,
  type BackupFile,
  type BackupManifest,
} from '@open-palm/contract';
import { backupWords } from '@open-palm/words/backups';
import { pictureFile } from '../references/pictureFile';
import { BackupProblem, diskProblem } from './backupProblem';
import { Hashing } from './hashing';
import { verifyBackup } from './readBackup';
import { copyDatabase, readSnapshot } from './snapshot';
import { partName, WORK } from './unfinished';

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
    await zipUp(order, copy, part);
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

async function zipUp({ dataDir, madeAt, build }: BackupOrder, copy: string, part: string) {
  const { studio, tables, students, looks, pictures, picturesMissing } = readSnapshot(copy);
  const zip = new ZipFile();
  const out = createWriteStream(part, { mode: 0o600 });
  const written = pipeline(zip.outputStream, out);
  // Awaited at the end: until then a disk that is full is told by whatever is being added.
  written.catch(() => undefined);
  const files: BackupFile[] = [];
  const add = async (name: string, path: string, compress: boolean) => {
    const through = new Hashing();
    zip.addReadStream(through, name, { compress, mtime: new Date(madeAt) });
    try {
      await Promise.race([pipeline(createReadStream(path), through), written]);
    } catch (error) {
      through.destroy();
      throw error;
    }
    files.push({ name, ...through.told() });
  };
  await add(DATABASE_NAME, copy, true);
  let gone = 0;
  for (const id of pictures) {
    const path = pictureFile(join(dataDir, 'pictures'), id);
    if (existsSync(path)) await add(`pictures/${id}.jpg`, path, false);
    else gone += 1;
  }
  for (const name of await lettersIn(join(dataDir, 'outbox'))) {
    await add(`outbox/${name}`, join(dataDir, 'outbox', name), true);
  }
  const manifest: BackupManifest = {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    madeAt,
    build,
    studio,
    tables,
    holds: {
      students,
      looks,
      pictures: pictures.length - gone,
      picturesMissing: picturesMissing + gone,
    },
    files,
  };
  zip.addBuffer(Buffer.from(JSON.stringify(manifest)), MANIFEST_NAME, { mtime: new Date(madeAt) });
  zip.end();
  await written;
  await syncFile(part);
}

async function lettersIn(folder: string): Promise<string[]> {
  if (!existsSync(folder)) return [];
  return (await readdir(folder)).filter((name) => name.endsWith('.eml')).sort();
}

async function syncFile(path: string): Promise<void> {
  const file = await open(path, 'r+');
  await file.sync();
  await file.close();
}

/** A new name is on the disk only when its folder is. */
export async function syncFolder(path: string): Promise<void> {
  const folder = await open(path, 'r');
  await folder.sync();
  await folder.close();
}
