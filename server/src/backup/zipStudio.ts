import { createReadStream, createWriteStream, existsSync } from 'node:fs';
import { open, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { ZipFile } from 'yazl';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  DATABASE_NAME,
  ERASED_NAME,
  MANIFEST_NAME,
  type BackupFile,
  type BackupManifest,
} from '@open-palm/contract';
import { pictureFile } from '../references/pictureFile';
import { Hashing } from './hashing';
import { readSnapshot } from './snapshot';

export interface ZipOrder extends Pick<BackupManifest, 'madeAt' | 'build' | 'erasedUpTo'> {
  /** The folder of the studio. */
  from: string;
  /** Its database, which nobody writes into: a copy, or that of a studio that is not open. */
  database: string;
  /** The file that is written. */
  part: string;
}

/**
 * Writes a studio into one zip file: its database, the pictures that it names, the letters that lie ready, the list of what was erased, and last its
 * manifest.
 */
export async function zipStudio(order: ZipOrder): Promise<void> {
  const { from, database, madeAt, build, part, erasedUpTo } = order;
  const { studio, tables, students, looks, pictures, picturesMissing } = readSnapshot(database);
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
  await add(DATABASE_NAME, database, true);
  let gone = 0;
  for (const id of pictures) {
    const path = pictureFile(join(from, 'pictures'), id);
    if (existsSync(path)) await add(`pictures/${id}.jpg`, path, false);
    else gone += 1;
  }
  for (const name of await lettersIn(join(from, 'outbox'))) {
    await add(`outbox/${name}`, join(from, 'outbox', name), true);
  }
  const list = join(from, ERASED_NAME);
  if (existsSync(list)) await add(ERASED_NAME, list, true);
  const manifest: BackupManifest = {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    madeAt,
    build,
    studio,
    erasedUpTo,
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
