import { existsSync } from 'node:fs';
import { open, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';

/** A UUID in a file's name: pictures are named by theirs, letters that lie ready by their look's. */
const ID = /[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/;

/**
 * Takes the files of what was erased out of a folder and the folders in it, by their names.
 *
 * @returns how many
 */
export async function eraseFiles(
  folder: string,
  isErased: (id: string) => boolean,
): Promise<number> {
  if (!existsSync(folder)) return 0;
  let erased = 0;
  for (const entry of await readdir(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) erased += await eraseFiles(path, isErased);
    else {
      const id = ID.exec(entry.name)?.[0];
      if (id === undefined || !isErased(id)) continue;
      await rm(path, { force: true });
      erased += 1;
    }
  }
  if (erased > 0) await syncFolder(folder);
  return erased;
}

/** That a file is gone is on the disk only when its folder is. */
async function syncFolder(path: string): Promise<void> {
  const folder = await open(path, 'r');
  await folder.sync().finally(() => folder.close());
}
