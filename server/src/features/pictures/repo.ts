import type { Knex } from 'knex';

export interface PictureRow {
  id: string;
  width: number;
  height: number;
  upload_sha256: string;
  created_at: string;
  made_by: string | null;
  author: string | null;
  /** How long its file is; null for pictures from before that was noted. */
  bytes: number | null;
  /** 1 when the file was found to be gone or another one: it can be sent again. */
  missing: number;
  /** 1 for one that was erased, of which a look that stays has its points. */
  erased?: number;
}

export const findPicture = (db: Knex, id: string): Promise<PictureRow | undefined> =>
  db<PictureRow>('pictures').where({ id }).first();

export const everyPicture = (db: Knex): Promise<Pick<PictureRow, 'id' | 'bytes' | 'missing'>[]> =>
  db<PictureRow>('pictures').where({ erased: 0 }).select('id', 'bytes', 'missing');

/** Adds a picture, or says of a known one how its file is now. */
export async function putPicture(db: Knex, row: PictureRow): Promise<void> {
  const { bytes, missing } = row;
  await db<PictureRow>('pictures').insert(row).onConflict('id').merge({ bytes, missing });
}

export async function noteFile(
  db: Knex,
  id: string,
  file: Pick<PictureRow, 'bytes' | 'missing'>,
): Promise<void> {
  await db<PictureRow>('pictures').where({ id }).update(file);
}

/** How many pictures have no file any more. */
export async function missingPictures(db: Knex): Promise<number> {
  const row = await db<PictureRow>('pictures')
    .where({ missing: 1 })
    .count<{ n: number }>({ n: '*' })
    .first();
  return row?.n ?? 0;
}
