import { mkdir, readdir, rename, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { everyPicture, noteFile } from './repo';

const SUFFIX = '.jpg';

/** What was found when files and rows were held against each other. */
export interface FoundFiles {
  /** Files that belong to no row, and where they were put; null when there were none. */
  setAside: { files: number; folder: string } | null;
  missing: number;
}

/**
 * Holds the folder of pictures against what the studio knows of them. Nothing is deleted: files that belong to no row (of another
 * database, or half-written by a crash) are set aside, and rows without their file are marked, so that it can be sent again.
 *
 * @param asideDir where such files are put, below a folder of the day
 */
export async function checkFiles(
  db: Knex,
  pictureDir: string,
  asideDir: string,
  today: Date,
): Promise<FoundFiles> {
  await mkdir(pictureDir, { recursive: true, mode: 0o700 });
  const rows = new Map((await everyPicture(db)).map((row) => [row.id, row]));
  const unknown: string[] = [];
  const there = new Set<string>();
  for (const file of await readdir(pictureDir)) {
    const id = file.endsWith(SUFFIX) ? file.slice(0, -SUFFIX.length) : null;
    if (id !== null && rows.has(id)) there.add(id);
    else unknown.push(file);
  }
  let missing = 0;
  for (const { id, bytes, missing: was } of rows.values()) {
    const size = there.has(id) ? (await stat(join(pictureDir, `${id}${SUFFIX}`))).size : null;
    const isGone = size === null || (bytes !== null && bytes !== size);
    if (isGone) missing += 1;
    if (isGone !== (was === 1) || (bytes === null && size !== null)) {
      await noteFile(db, id, { bytes: bytes ?? size, missing: isGone ? 1 : 0 });
    }
  }
  return { setAside: await putAside(pictureDir, unknown, asideDir, today), missing };
}

async function putAside(
  pictureDir: string,
  files: readonly string[],
  asideDir: string,
  today: Date,
): Promise<FoundFiles['setAside']> {
  if (files.length === 0) return null;
  const folder = join(asideDir, today.toISOString().slice(0, 10));
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const taken = new Set(await readdir(folder));
  for (const file of files) {
    // A file of the same name from earlier that day stays too.
    let name = file;
    for (let i = 2; taken.has(name); i += 1) name = `${i}-${file}`;
    taken.add(name);
    await rename(join(pictureDir, file), join(folder, name));
  }
  return { files: files.length, folder };
}
