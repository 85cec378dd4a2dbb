import { join } from 'node:path';
import Database from 'better-sqlite3';

/** Another server has this folder. */
export class FolderTaken extends Error {
  constructor(folder: string) {
    super(
      `Another Open Palm is already using the studio in ${folder}. Stop it first, or name another folder: DATA_DIR=folder.`,
    );
    this.name = 'FolderTaken';
  }
}

/**
 * Takes the studio's folder for this process alone: an exclusive transaction on a file beside it, which the system ends by itself
 * however the process ends.
 *
 * @returns gives the folder free
 * @throws FolderTaken
 */
export function lockFolder(folder: string): () => void {
  const lock = new Database(join(folder, 'lock.sqlite'), { timeout: 0 });
  try {
    lock.exec('begin exclusive');
  } catch (error) {
    lock.close();
    const code = String((error as { code?: unknown }).code);
    if (code.startsWith('SQLITE_BUSY')) throw new FolderTaken(folder);
    throw error;
  }
  return () => lock.close();
}
