import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { BackupManifest } from '@open-palm/contract';
import { openErased } from '../erase/erasedIds';
import { sweepFolder } from '../erase/sweepFolder';
import { BackupProblem } from './backupProblem';
import type { ThreadSaid } from './inThread';
import { verifyBackup } from './readBackup';
import { unpackForRestore } from './restoreBackup';
import { rewriteBackup, type RewriteOrder } from './rewriteBackup';
import { writeBackup, type BackupMade, type BackupOrder } from './writeBackup';

/** What is done with backups somewhere: in a thread of its own, or on the spot. */
export interface RunBackup {
  make(order: BackupOrder): Promise<BackupMade>;
  /** Takes out of a backup what was erased. */
  rewrite(order: RewriteOrder): Promise<void>;
  /** Takes it out of a studio that was set aside. */
  sweep(order: SweepOrder): Promise<void>;
  /** Reads a backup from end to end. */
  verify(order: VerifyOrder): Promise<BackupManifest>;
  /** Unpacks one beside the studio. */
  unpack(order: UnpackOrder): Promise<BackupManifest>;
}

export interface VerifyOrder {
  verify: string;
}

export interface UnpackOrder {
  dataDir: string;
  unpack: string;
}

export interface SweepOrder {
  dataDir: string;
  sweep: string;
}

export type StudioOrder = RewriteOrder | SweepOrder | UnpackOrder;

/** On the spot: for tests and tools. */
export const runInline: RunBackup = {
  make: writeBackup,
  rewrite: rewriteBackup,
  sweep: ({ dataDir, sweep }) => sweepFolder(sweep, openErased(dataDir)),
  verify: ({ verify }) => verifyBackup(verify),
  unpack: ({ dataDir, unpack }) => unpackForRestore({ dataDir, file: unpack }),
};

/** What a thread may hold that reads a backup of whichever size. */
const MOST_MB = 1024;

/**
 * What a thread may hold that makes one of so many pictures, MB: little, so that it gives back what it does not need, but room for every picture's line in the
 * manifest. Measured: a hundred thousand lines take 121 MB where they are read back; with 48 there was not room for them.
 */
export const heapMb = (pictures: number): number =>
  Math.min(MOST_MB, 48 + Math.ceil(pictures / 500));

const picturesIn = async (dataDir: string): Promise<number> =>
  (await readdir(join(dataDir, 'pictures')).catch(() => [])).length;

/**
 * In a thread of its own: copying a database keeps a thread busy, and the studio goes on answering.
 *
 * @param files the built threads
 */
export function runInThread(files: { backup: string; restore: string }): RunBackup {
  const run = <Done>(file: string, order: object, mostMb = MOST_MB): Promise<Done> =>
    new Promise((resolve, reject) => {
      const thread = new Worker(file, {
        workerData: order,
        resourceLimits: { maxYoungGenerationSizeMb: 2, maxOldGenerationSizeMb: mostMb },
      });
      thread.once('message', (said: ThreadSaid) => {
        if ('done' in said) resolve(said.done as Done);
        else if ('problem' in said) reject(new BackupProblem(said.problem));
        else reject(new Error(said.fault));
      });
      thread.once('error', reject);
      thread.once('exit', () => reject(new Error('the backup thread left without a word')));
    });
  return {
    make: async (order) => run(files.backup, order, heapMb(await picturesIn(order.dataDir))),
    verify: (order) => run(files.backup, order),
    rewrite: (order) => run(files.restore, order),
    sweep: (order) => run(files.restore, order),
    unpack: (order) => run(files.restore, order),
  };
}
