import { createHash } from 'node:crypto';
import {
  createWriteStream,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  mkdirSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { BACKUP_FORMAT, BACKUP_VERSION } from '@open-palm/contract';
import { studioBefore } from '../../testing/studioBefore';
import { openTestStudio } from '../../testing/testStudio';

export const freshFolder = () => mkdtempSync(join(tmpdir(), 'backup-'));

const sha256 = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');

/** Everything that a studio's folder holds: each row of each table, and each file beside it. */
export function contentOf(folder: string): Record<string, unknown> {
  const db = new Database(join(folder, 'studio.sqlite'), { readonly: true });
  const tables = db
    .prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")
    .pluck()
    .all() as string[];
  const content: Record<string, unknown> = {};
  for (const table of tables.sort()) {
    content[table] = db.prepare(`select * from ${table} order by rowid`).all();
  }
  db.close();
  for (const below of ['pictures', 'outbox']) {
    if (!existsSync(join(folder, below))) continue;
    for (const name of readdirSync(join(folder, below)).sort()) {
      content[`${below}/${name}`] = sha256(readFileSync(join(folder, below, name)));
    }
  }
  return content;
}

/** The names of everything in a folder, so that a test sees what was changed in it. */
export const namesIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true }).map(String).sort();

/** A zip file with these entries, and a manifest that names those that are asked for. */
export async function handmadeZip(
  entries: readonly {
    name: string;
    content: Buffer;
    says?: Partial<{ bytes: number; sha256: string }> | null;
  }[],
  manifest: object = {},
): Promise<string> {
  const file = join(freshFolder(), 'handmade.zip');
  const zip = new ZipFile();
  for (const { name, content } of entries) zip.addBuffer(content, name);
  const files = entries.flatMap(({ name, content, says = {} }) =>
    says === null ? [] : [{ name, bytes: content.length, sha256: sha256(content), ...says }],
  );
  const told = {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    madeAt: '2026-03-02T10:00:00.000Z',
    build: 'handmade',
    studio: { id: 'x', name: null },
    tables: '20261125090000_first_tables',
    holds: { students: 0, looks: 0, pictures: 0, picturesMissing: 0 },
    files,
    ...manifest,
  };
  zip.addBuffer(Buffer.from(JSON.stringify(told)), 'manifest.json');
  zip.end();
  await pipeline(zip.outputStream, createWriteStream(file));
  return file;
}

/** A studio with one of every kind of record, a letter that lies ready, and nothing open. */
export async function fullStudio(): Promise<string> {
  const folder = studioBefore();
  const studio = await openTestStudio({ folder, removes: false });
  await studio.deriver.allSettled();
  await studio.close();
  mkdirSync(join(folder, 'outbox'));
  writeFileSync(join(folder, 'outbox', 'a-look.eml'), 'To: a parent');
  return folder;
}
