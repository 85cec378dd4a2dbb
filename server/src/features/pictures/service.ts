import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { Picture } from '@open-palm/contract';
import { Problem } from '../../problem';
import { cleanPicture } from './cleanPicture';
import { keepPicture, removePicturesExcept } from './pictureFolder';
import { addPicture, findPicture, forgetPicturesExcept, picturesToKeep } from './repo';

/** How long a picture may wait for its check, which may still be on a phone without a network. */
const WAITING_DAYS = 7;

/**
 * Keeps a picture under the client's id: the file first, then the row, so that a row always has its file.
 * The same bytes again give the same answer.
 *
 * @throws Problem `conflict` when the id already belongs to another picture
 */
export async function savePicture(
  { db, pictureDir, now }: { db: Knex; pictureDir: string; now: () => Date },
  id: string,
  bytes: Buffer,
): Promise<Picture> {
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  const known = await findPicture(db, id);
  if (known) {
    if (known.upload_sha256 === sha256) return pictureOf(known);
    throw new Problem(409, 'conflict', 'This id already belongs to another picture.', 'id');
  }
  const { jpeg, width, height } = await cleanPicture(bytes);
  await keepPicture(pictureDir, id, jpeg);
  const row = { id, width, height, upload_sha256: sha256, created_at: now().toISOString() };
  await addPicture(db, row);
  return pictureOf(row);
}

/** Removes pictures that no check came for, and files that a crash left without a row. Run before listening. */
export async function sweepPictures(db: Knex, pictureDir: string, now: Date): Promise<void> {
  const newerThan = new Date(now.getTime() - WAITING_DAYS * 86_400_000).toISOString();
  const keep = await picturesToKeep(db, newerThan);
  await forgetPicturesExcept(db, keep);
  await removePicturesExcept(pictureDir, keep);
}

const pictureOf = ({ id, width, height }: Picture): Picture => ({ id, width, height });
