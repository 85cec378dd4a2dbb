import { Worker } from 'node:worker_threads';
import { BackupProblem } from './backupProblem';
import { writeBackup, type BackupMade, type BackupOrder } from './writeBackup';

/** Makes a backup somewhere: in a thread of its own, or on the spot. */
export type RunBackup = (order: BackupOrder) => Promise<BackupMade>;

/** What the thread says at its end. */
export type ThreadSaid = { made: BackupMade } | { problem: string } | { fault: string };

/** On the spot: for tests and tools. */
export const runInline: RunBackup = writeBackup;

/**
 * In a thread of its own: copying a database keeps a thread busy, and the studio goes on answering.
 *
 * @param file the built thread
 */
export const runInThread =
  (file: string): RunBackup =>
  (order) =>
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
