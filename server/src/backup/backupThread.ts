import { workerData } from 'node:worker_threads';
import { inThread } from './inThread';
import { verifyBackup } from './readBackup';
import type { VerifyOrder } from './runBackup';
import { writeBackup, type BackupOrder } from './writeBackup';

/** Makes a backup, or reads one: it knows no more of the studio than that takes, because it is there every day. */
const order = workerData as BackupOrder | VerifyOrder;

inThread(() => ('to' in order ? writeBackup(order) : verifyBackup(order.verify)));
