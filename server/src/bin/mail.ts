import { existsSync } from 'node:fs';
import { mkdir, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import type { BinParts } from './binParts';
import { binItems, looksNaming, type KeptRemoval } from './repo';

/** The studio's own folder, and the one in which mail lies ready. */
export type MailFolders = Pick<BinParts, 'dataDir' | 'outboxDir'>;

/** Where mail lies meanwhile that was ready to be sent: nobody sends what was taken away. */
export const mailOf = ({ dataDir }: Pick<BinParts, 'dataDir'>, binId: string) =>
  join(dataDir, 'bin', binId);

type Taken = Pick<KeptRemoval, 'kind' | 'ofId' | 'rows' | 'pictureIds'>;

/** Looks whose letter goes with something: it is theirs, or may show a picture that goes. */
export async function looksWithMail(db: Knex, taken: Taken): Promise<string[]> {
  const { kind, ofId, rows, pictureIds } = taken;
  if (kind === 'letter' || kind === 'check') return [ofId];
  if (kind === 'picture' || kind === 'photographs') return looksNaming(db, pictureIds);
  return (new Map(rows).get('checks') ?? []).map(({ id }) => String(id));
}

/** Puts mail aside that lies ready. */
export async function putMailAside(
  parts: MailFolders,
  binId: string,
  looks: readonly string[],
): Promise<void> {
  for (const id of looks) {
    const [name, to] = [`${id}.eml`, mailOf(parts, binId)];
    if (!existsSync(join(parts.outboxDir, name))) continue;
    await mkdir(to, { recursive: true, mode: 0o700 });
    await rename(join(parts.outboxDir, name), join(to, name));
  }
}

/** Lays it ready again. */
export async function bringMailBack(parts: MailFolders, binId: string): Promise<void> {
  const from = mailOf(parts, binId);
  if (!existsSync(from)) return;
  await mkdir(parts.outboxDir, { recursive: true, mode: 0o700 });
  for (const name of await readdir(from)) {
    await rename(join(from, name), join(parts.outboxDir, name));
  }
  await rm(from, { recursive: true, force: true });
}

/** Mail of what does not lie in the bin any more: an erasing was cut off. */
export async function dropStrayMail(db: Knex, dataDir: string): Promise<void> {
  const folder = join(dataDir, 'bin');
  if (!existsSync(folder)) return;
  const inBin = new Set((await binItems(db)).map(({ id }) => id));
  for (const id of await readdir(folder)) {
    if (!inBin.has(id)) await rm(join(folder, id), { recursive: true, force: true });
  }
}
