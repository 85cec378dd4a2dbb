/** What the threads run: bundled by itself, computing only. */
export { runTask } from './runTask';
