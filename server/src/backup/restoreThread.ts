import { workerData } from 'node:worker_threads';
import { inThread } from './inThread';
import { runInline, type StudioOrder } from './runBackup';

/** What has to open the database of a backup: unpacking it, and taking out of it what was erased. */
const order = workerData as StudioOrder;

inThread(() => {
  if ('rewrite' in order) return runInline.rewrite(order);
  return 'sweep' in order ? runInline.sweep(order) : runInline.unpack(order);
});
