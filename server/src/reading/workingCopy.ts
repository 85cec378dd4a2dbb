import { existsSync } from 'node:fs';
import { copyFile, mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DATABASE_NAME, ERASED_NAME } from '@open-palm/contract';
import { isRunning } from '../isRunning';

/** What is copied: the databases with what was not yet written into them, and what must not come back. Pictures are read where they lie. */
const COPIED = [
  DATABASE_NAME,
  `${DATABASE_NAME}-wal`,
  'access.sqlite',
  'access.sqlite-wal',
  ERASED_NAME,
];

const COPY = 'open-palm-read-';
const LEFT = /^open-palm-read-(\d+)-/;

/** Where there may be room although the studio's own disk has none; the last one is memory. */
const PLACES = [tmpdir(), '/dev/shm'];

/**
 * Copies a studio's databases to where they can be opened: a database cannot even be read where nothing can be written beside it.
 *
 * @returns the folder of the copy, as private as the studio's own; null where there is no studio, or no room for it anywhere
 */
export async function copyForReading(dataDir: string): Promise<string | null> {
  if (!existsSync(join(dataDir, DATABASE_NAME))) return null;
  for (const place of PLACES) {
    await dropLeft(place);
    const copy = await copiedTo(place, dataDir).catch(() => null);
    if (copy !== null) return copy;
  }
  return null;
}

async function copiedTo(place: string, dataDir: string): Promise<string> {
  const folder = await mkdtemp(join(place, `${COPY}${process.pid}-`));
  try {
    for (const name of COPIED) {
      const from = join(dataDir, name);
      if (existsSync(from)) await copyFile(from, join(folder, name));
    }
    return folder;
  } catch (error) {
    await dropCopy(folder);
    throw error;
  }
}

/** Copies of a program that was ended by force. */
async function dropLeft(place: string): Promise<void> {
  for (const name of await readdir(place).catch(() => [])) {
    const pid = LEFT.exec(name)?.[1];
    if (pid !== undefined && !isRunning(Number(pid))) {
      await dropCopy(join(place, name)).catch(() => undefined);
    }
  }
}

export const dropCopy = (folder: string): Promise<void> =>
  rm(folder, { recursive: true, force: true });
