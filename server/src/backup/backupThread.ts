import { setPriority } from 'node:os';
import { parentPort, workerData } from 'node:worker_threads';
import { faultOf } from '../faultOf';
import { BackupProblem } from './backupProblem';
import { runOrder, type ThreadOrder, type ThreadSaid } from './runBackup';

/** What the backup's thread runs: whoever asks the studio something comes first. */
const POLITE = 10;
try {
  setPriority(POLITE);
} catch {
  // The thread then runs like any other.
}

const say = (said: ThreadSaid) => parentPort?.postMessage(said);

runOrder(workerData as ThreadOrder).then(
  (done) => say({ done }),
  (error: unknown) =>
    say(error instanceof BackupProblem ? { problem: error.message } : { fault: faultOf(error) }),
);
