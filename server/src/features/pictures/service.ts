import { answers } from '@open-palm/words/answers';
import { createHash } from 'node:crypto';
import { stat } from 'node:fs/promises';
import { Mutex } from 'async-mutex';
import type { Picture } from '@open-palm/contract';
import { Problem } from '../../problem';
import { pictureFile } from '../../references/pictureFile';
import type { StudioParts } from '../../studioParts';
import type { Maker } from '../../maker';
import { cleanPicture } from './cleanPicture';
import { keepPicture } from './pictureFolder';
import { findPicture, noteFile, putPicture, type PictureRow } from './repo';

export type PictureParts = Pick<StudioParts, 'db' | 'reader' | 'now'> & { pictureDir: string };

/** One picture at a time is unpacked and written: that bounds the memory, and twins find each other's row. */
const turn = new Mutex();

/**
 * Keeps a picture under the client's id: the file first, then the row, so that a row always has its file. The same bytes again give
 * the same answer, and bring a file back that was lost; other bytes under a known id touch nothing.
 *
 * @throws Problem `conflict` when the id already belongs to another picture
 */
export function savePicture(
  { db, pictureDir, now }: PictureParts,
  id: string,
  bytes: Buffer,
  maker: Maker,
): Promise<Picture> {
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  return turn.runExclusive(async () => {
    const known = await findPicture(db, id);
    if (known && known.upload_sha256 !== sha256) {
      throw new Problem(409, 'conflict', answers.idTaken('picture'), 'id');
    }
    if (known && (await hasFile(pictureDir, known))) return pictureOf(known);
    const { jpeg, width, height } = await cleanPicture(bytes);
    await keepPicture(pictureDir, id, jpeg);
    const row: PictureRow = {
      id,
      width,
      height,
      upload_sha256: sha256,
      created_at: now().toISOString(),
      made_by: maker.madeBy,
      author: maker.author,
      bytes: jpeg.length,
      missing: 0,
    };
    await putPicture(db, row);
    return pictureOf(known ?? row);
  });
}

/**
 * A kept picture, once its file was looked at.
 *
 * @returns undefined where there is none, and for one whose file is gone, which is noted
 */
export async function loadPicture(
  { db, reader, pictureDir }: Omit<PictureParts, 'now'>,
  id: string,
): Promise<'unknown' | 'missing' | 'there'> {
  const row = await findPicture(reader, id);
  if (!row) return 'unknown';
  const isThere = await hasFile(pictureDir, row);
  if (isThere !== (row.missing === 0)) {
    await noteFile(db, id, { bytes: row.bytes, missing: isThere ? 0 : 1 });
  }
  return isThere ? 'there' : 'missing';
}

/** Whether a picture's file is there, and as long as it was when it was written. */
async function hasFile(folder: string, { id, bytes }: PictureRow): Promise<boolean> {
  const found = await stat(pictureFile(folder, id)).catch(() => null);
  return found !== null && (bytes === null || found.size === bytes);
}

const pictureOf = ({ id, width, height }: Picture): Picture => ({ id, width, height });
