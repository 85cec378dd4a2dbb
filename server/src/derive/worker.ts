import { setPriority } from 'node:os';

/** What the threads run: bundled by itself, computing only. */
export { runTask } from './runTask';

/** Whoever asks comes first: on Linux this lowers the calling thread alone. Where it is not permitted, it is only less polite. */
const POLITE = 10;
try {
  setPriority(POLITE);
} catch {
  // The thread then runs like any other.
}
