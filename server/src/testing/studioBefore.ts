import { copyFileSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';

const BEFORE = join(__dirname, 'before');

/** Ids of the records in the studio that was filled by an earlier version, through its own API. */
export const beforeId = (n: number) => `01a00000-0000-7000-8000-${String(n).padStart(12, '0')}`;

/** A folder of its own with that studio: one of every kind of record, and a picture. */
export function studioBefore(): string {
  const folder = mkdtempSync(join(tmpdir(), 'before-'));
  const zipped = readFileSync(join(BEFORE, 'studio.sqlite.gz'));
  writeFileSync(join(folder, 'studio.sqlite'), gunzipSync(zipped));
  mkdirSync(join(folder, 'pictures'));
  copyFileSync(join(BEFORE, 'picture.jpg'), join(folder, 'pictures', `${beforeId(3)}.jpg`));
  return folder;
}
