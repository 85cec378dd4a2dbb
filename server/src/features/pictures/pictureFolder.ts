import { mkdir, open } from 'node:fs/promises';
import writeFileAtomic from 'write-file-atomic';
import { pictureFile } from '../../references/pictureFile';

/** Writes a picture so that after a crash it is there whole or not at all: temporary file, sync, rename, sync. */
export async function keepPicture(folder: string, id: string, jpeg: Buffer): Promise<void> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  await writeFileAtomic(pictureFile(folder, id), jpeg, { mode: 0o600 });
  const directory = await open(folder, 'r');
  await directory.sync().finally(() => directory.close());
}
