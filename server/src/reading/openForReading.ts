import { DiskTaken } from './diskTaken';
import { copyForReading, dropCopy } from './workingCopy';
import { writeTrouble, type WriteTrouble } from './writeTrouble';

/** How often it is looked whether there is room again, ms. */
const LOOK_EVERY_MS = 30_000;

export interface Reading {
  trouble: WriteTrouble;
  /** Where the databases can be opened. */
  folder: string;
  close(): Promise<void>;
}

/**
 * Where a studio's folder takes nothing, makes a copy of its databases that can be read. Null where it takes what is written.
 *
 * @throws DiskTaken where there is no studio in it to be read, or no room for a copy anywhere
 */
export async function openForReading(dataDir: string): Promise<Reading | null> {
  const trouble = await writeTrouble(dataDir);
  if (trouble === null) return null;
  const folder = await copyForReading(dataDir);
  if (folder === null) throw new DiskTaken(trouble);
  return { trouble, folder, close: () => dropCopy(folder) };
}

/**
 * Calls once the folder takes what is written again.
 *
 * @returns stops waiting for it
 */
export function whenRoom(dataDir: string, call: () => void): () => void {
  const timer = setInterval(async () => {
    if ((await writeTrouble(dataDir).catch(() => 'full')) !== null) return;
    clearInterval(timer);
    call();
  }, LOOK_EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
