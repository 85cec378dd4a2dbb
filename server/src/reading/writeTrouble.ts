import { existsSync } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { diskTrouble } from '../diskTrouble';

/** With less room than this a studio does not get through a lesson. */
const ROOM_BYTES = 4 * 1024 * 1024;

export type WriteTrouble = 'full' | 'readOnly';

/** Whether a studio's folder takes what a lesson writes; tried, because no figure of a disk tells it. Null where it does, or is not there yet. */
export async function writeTrouble(folder: string): Promise<WriteTrouble | null> {
  if (!existsSync(folder)) return null;
  const probe = join(folder, `room-${process.pid}`);
  try {
    const file = await open(probe, 'w', 0o600);
    try {
      await file.writeFile(Buffer.alloc(ROOM_BYTES, 1));
      await file.sync();
    } finally {
      await file.close();
    }
    return null;
  } catch (error) {
    const trouble = diskTrouble(error);
    if (trouble === null) throw error;
    return trouble;
  } finally {
    await rm(probe, { force: true }).catch(() => undefined);
  }
}
