import type { Knex } from 'knex';

export interface PictureRow {
  id: string;
  width: number;
  height: number;
  upload_sha256: string;
  created_at: string;
}

export const findPicture = (db: Knex, id: string): Promise<PictureRow | undefined> =>
  db<PictureRow>('pictures').where({ id }).first();

export async function addPicture(db: Knex, row: PictureRow): Promise<void> {
  await db<PictureRow>('pictures').insert(row);
}

/** Ids of all pictures that a check or a relaxed hand uses or that are younger than a moment. */
export async function picturesToKeep(db: Knex, newerThan: string): Promise<Set<string>> {
  const rows = await db<PictureRow>('pictures')
    .where('created_at', '>=', newerThan)
    .orWhereIn('id', db('captures').select('picture_id'))
    .orWhereIn('id', db('relaxed_hands').select('picture_id'))
    .select('id');
  return new Set(rows.map((row) => row.id));
}

export async function forgetPicturesExcept(db: Knex, keep: ReadonlySet<string>): Promise<void> {
  const ids = await db<PictureRow>('pictures').pluck('id');
  for (const id of ids.filter((candidate: string) => !keep.has(candidate))) {
    await db<PictureRow>('pictures').where({ id }).delete();
  }
}
