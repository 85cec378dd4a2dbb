import { existsSync, statSync } from 'node:fs';
import { statfs } from 'node:fs/promises';
import { join } from 'node:path';
import { DATABASE_NAME } from '@open-palm/contract';
import { diskTrouble } from '../diskTrouble';
import { DiskTaken } from './diskTaken';
import { copyForReading, dropCopy } from './workingCopy';
import { writeTrouble, type WriteTrouble } from './writeTrouble';

/** How often it is looked whether there is room again, ms. */
const LOOK_EVERY_MS = 30_000;
/** A database that is written anew lies there twice meanwhile, and in its log once more. */
const TIMES_ITSELF = 3;

export interface Reading {
  trouble: WriteTrouble;
  /** Where the databases can be opened. */
  folder: string;
  /** How much room has to be there before it is opened as ever. */
  needsBytes: number;
  close(): Promise<void>;
}

/**
 * Opens a studio; where its disk takes nothing, or not what bringing it up to date takes, a copy of it that can be read.
 *
 * @param openAt opens it where it lies (null), or its copy in a folder
 * @throws DiskTaken where there is no studio to be read, or no room for a copy anywhere; and whatever else opening it says
 */
export async function openOrRead<Opened>(
  dataDir: string,
  openAt: (copy: string | null) => Promise<Opened>,
): Promise<{ opened: Opened; reading: Reading | null }> {
  const trouble = await writeTrouble(dataDir);
  if (trouble !== null) return openCopy(dataDir, trouble, 0, openAt);
  try {
    return { opened: await openAt(null), reading: null };
  } catch (error) {
    const found = diskTrouble(error);
    const file = join(dataDir, DATABASE_NAME);
    if (found === null || !existsSync(file)) throw error;
    return openCopy(dataDir, found, TIMES_ITSELF * statSync(file).size, openAt);
  }
}

async function openCopy<Opened>(
  dataDir: string,
  trouble: WriteTrouble,
  needsBytes: number,
  openAt: (copy: string) => Promise<Opened>,
): Promise<{ opened: Opened; reading: Reading }> {
  const folder = await copyForReading(dataDir);
  if (folder === null) throw new DiskTaken(trouble);
  const close = () => dropCopy(folder);
  try {
    return { opened: await openAt(folder), reading: { trouble, folder, needsBytes, close } };
  } catch (error) {
    await close();
    throw error;
  }
}

/**
 * Calls once the folder takes what is written again.
 *
 * @returns stops waiting for it
 */
export function whenRoom(dataDir: string, { needsBytes }: Reading, call: () => void): () => void {
  const timer = setInterval(async () => {
    const { bavail, bsize } = await statfs(dataDir);
    if (bavail * bsize < needsBytes) return;
    if ((await writeTrouble(dataDir).catch(() => 'full')) !== null) return;
    clearInterval(timer);
    call();
  }, LOOK_EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
