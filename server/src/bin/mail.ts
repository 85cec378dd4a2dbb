import { existsSync } from 'node:fs';
import { mkdir, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import type { BinParts } from './binParts';
import { binItems, type KeptRemoval } from './repo';

/** Where mail lies meanwhile that was ready to be sent: nobody sends what was taken away. */
export const mailOf = ({ dataDir }: Pick<BinParts, 'dataDir'>, binId: string) =>
  join(dataDir, 'bin', binId);

/** Looks whose letter goes with something. */
export const looksIn = ({
  kind,
  ofId,
  rows,
}: Pick<KeptRemoval, 'kind' | 'ofId' | 'rows'>): string[] =>
  kind === 'letter' || kind === 'check'
    ? [ofId]
    : (new Map(rows).get('checks') ?? []).map(({ id }) => String(id));

/** Moves mail that lies ready from one folder to another. */
export async function moveMail(from: string, to: string, looks: readonly string[]): Promise<void> {
  for (const id of looks) {
    const name = `${id}.eml`;
    if (!existsSync(join(from, name))) continue;
    await mkdir(to, { recursive: true, mode: 0o700 });
    await rename(join(from, name), join(to, name));
  }
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
