import { Worker } from 'node:worker_threads';
import { openErased } from '../erase/erasedIds';
import { sweepFolder } from '../erase/sweepFolder';
import { BackupProblem } from './backupProblem';
import { rewriteBackup, type RewriteOrder } from './rewriteBackup';
import { writeBackup, type BackupMade, type BackupOrder } from './writeBackup';

/** What is done with backups somewhere: in a thread of its own, or on the spot. */
export interface RunBackup {
  make(order: BackupOrder): Promise<BackupMade>;
  /** Takes out of a backup what was erased. */
  rewrite(order: RewriteOrder): Promise<void>;
  /** Takes it out of a studio that was set aside. */
  sweep(order: SweepOrder): Promise<void>;
}

export interface SweepOrder {
  dataDir: string;
  sweep: string;
}

export type ThreadOrder = BackupOrder | RewriteOrder | SweepOrder;

/** What the thread says at its end. */
export type ThreadSaid = { made: BackupMade | null } | { problem: string } | { fault: string };

/** On the spot: for tests and tools. */
export const runInline: RunBackup = {
  make: writeBackup,
  rewrite: rewriteBackup,
  sweep: ({ dataDir, sweep }) => sweepFolder(sweep, openErased(dataDir)),
};

/**
 * In a thread of its own: copying a database keeps a thread busy, and the studio goes on answering.
 *
 * @param file the built thread
 */
export function runInThread(file: string): RunBackup {
  const run = (order: ThreadOrder): Promise<BackupMade | null> =>
    new Promise((resolve, reject) => {
      const thread = new Worker(file, {
        workerData: order,
        resourceLimits: { maxYoungGenerationSizeMb: 8 },
      });
      thread.once('message', (said: ThreadSaid) => {
        if ('made' in said) resolve(said.made);
        else if ('problem' in said) reject(new BackupProblem(said.problem));
        else reject(new Error(said.fault));
      });
      thread.once('error', reject);
      thread.once('exit', () => reject(new Error('the backup thread left without a word')));
    });
  return {
    make: async (order) => (await run(order))!,
    rewrite: async (order) => void (await run(order)),
    sweep: async (order) => void (await run(order)),
  };
}
