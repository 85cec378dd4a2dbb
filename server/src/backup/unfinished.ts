import { existsSync } from 'node:fs';
import { readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { isRunning } from '../isRunning';

/** Where a backup's copy of the database lies while it is made: in the studio's own folder, as private as itself. */
export const WORK = `backup-work-${process.pid}-`;

/** How a backup is called until it is whole. */
export const partName = (to: string): string => `${to}.${process.pid}.part`;

/** What is unfinished names the process that makes it. */
const UNFINISHED = /^backup-work-(\d+)-|\.zip\.(\d+)\.part$/;

/** Takes away what backups that were cut off have left in a folder, and nothing of one that another process is making. */
export async function dropUnfinished(folder: string): Promise<void> {
  if (!existsSync(folder)) return;
  for (const name of await readdir(folder)) {
    const found = UNFINISHED.exec(name);
    if (!found || isBeside(Number(found[1] ?? found[2]))) continue;
    await rm(join(folder, name), { recursive: true, force: true });
  }
}

/** Whether another process of this number runs. One that begins has made nothing yet, whoever had its number before. */
function isBeside(pid: number): boolean {
  return pid !== process.pid && isRunning(pid);
}
