import { setPriority } from 'node:os';
import { parentPort, workerData } from 'node:worker_threads';
import { faultOf } from '../faultOf';
import { BackupProblem } from './backupProblem';
import { runInline, type ThreadOrder, type ThreadSaid } from './runBackup';

/** What the backup's thread runs: whoever asks the studio something comes first. */
const POLITE = 10;
try {
  setPriority(POLITE);
} catch {
  // The thread then runs like any other.
}

const say = (said: ThreadSaid) => parentPort?.postMessage(said);

async function work(order: ThreadOrder) {
  if ('to' in order) return runInline.make(order);
  await ('rewrite' in order ? runInline.rewrite(order) : runInline.sweep(order));
  return null;
}

work(workerData as ThreadOrder).then(
  (made) => say({ made }),
  (error: unknown) =>
    say(error instanceof BackupProblem ? { problem: error.message } : { fault: faultOf(error) }),
);
