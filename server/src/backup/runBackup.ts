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

/**
 * In a thread of its own: copying a database keeps a thread busy, and the studio goes on answering.
 *
 * @param files the built threads
 */
export function runInThread(files: { backup: string; restore: string }): RunBackup {
  const run = <Done>(file: string, order: object): Promise<Done> =>
    new Promise((resolve, reject) => {
      const thread = new Worker(file, {
        workerData: order,
        // A manifest of hundreds of thousands of pictures has to find room.
        resourceLimits: { maxYoungGenerationSizeMb: 2, maxOldGenerationSizeMb: 512 },
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
    make: (order) => run(files.backup, order),
    verify: (order) => run(files.backup, order),
    rewrite: (order) => run(files.restore, order),
    sweep: (order) => run(files.restore, order),
    unpack: (order) => run(files.restore, order),
  };
}
