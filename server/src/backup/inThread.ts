import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { faultOf } from '../faultOf';
import { BackupProblem } from './backupProblem';

/** What a thread says at its end. */
export type ThreadSaid = { done: unknown } | { problem: string } | { fault: string };

/** Whoever asks the studio something comes first. */
const POLITE = 10;

/** Does the one thing that a thread is for, and says how it ended. */
export function inThread(work: () => Promise<unknown>): void {
  try {
    setPriority(POLITE);
  } catch {
    // The thread then runs like any other.
  }
  const say = (said: ThreadSaid) => parentPort?.postMessage(said);
  work().then(
    (done) => say({ done }),
    (error: unknown) =>
      say(error instanceof BackupProblem ? { problem: error.message } : { fault: faultOf(error) }),
  );
}
