import { mkdir, open, readdir, unlink } from 'node:fs/promises';
import { join } from 'node:path';
import writeFileAtomic from 'write-file-atomic';
import { pictureFile } from '../../references/pictureFile';

const SUFFIX = '.jpg';

/** Writes a picture so that after a crash it is there whole or not at all: temporary file, sync, rename, sync. */
export async function keepPicture(folder: string, id: string, jpeg: Buffer): Promise<void> {
  await mkdir(folder, { recursive: true });
  await writeFileAtomic(pictureFile(folder, id), jpeg);
  const directory = await open(folder, 'r');
  await directory.sync().finally(() => directory.close());
}

/** Removes every file in the folder that belongs to none of the ids, half-written ones included. */
export async function removePicturesExcept(
  folder: string,
  ids: ReadonlySet<string>,
): Promise<void> {
  await mkdir(folder, { recursive: true });
  for (const file of await readdir(folder)) {
    const isKept = file.endsWith(SUFFIX) && ids.has(file.slice(0, -SUFFIX.length));
    if (!isKept) await unlink(join(folder, file));
  }
}
