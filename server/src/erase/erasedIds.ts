import { createHash, createHmac, randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Mutex } from 'async-mutex';
import writeFileAtomic from 'write-file-atomic';
import { z } from 'zod';
import { ERASED_NAME } from '@open-palm/contract';
import { eraseWords } from '@open-palm/words/erase';

const FORMAT = 'open-palm-erased';

const fileSchema = z.object({
  format: z.literal(FORMAT),
  version: z.literal(1),
  /** A studio has one; another one's came with its backup, under its own key. */
  sets: z
    .array(
      z.object({
        key: z.string().regex(/^[0-9a-f]{64}$/),
        hashes: z.array(z.string().regex(/^[0-9a-f]{64}$/)),
      }),
    )
    .min(1),
  /** When a student was last erased; null where none was. */
  studentsUpTo: z.iso.datetime().nullable(),
});
type ErasedFile = z.infer<typeof fileSchema>;

/** The mark of a list in which nothing stands. */
export const NOTHING = 'nothing';

/** The list of what was erased cannot be read. */
export class ErasedListDamaged extends Error {
  constructor(file: string) {
    super(eraseWords.listDamaged(file));
    this.name = 'ErasedListDamaged';
  }
}

/**
 * What was erased: no ids, but hashes of them under a key, so that an id that comes back is known, and nobody can read out of the list who was here. It
 * lies beside the database, because a restored database must not bring back what was erased since.
 */
export interface ErasedIds {
  has(id: string): boolean;
  /** By what a database tells whether this list was applied to it. */
  mark(): string;
  /** When a student was last erased, ISO. */
  studentsUpTo(): string | null;
  /** Resolves once they are on the disk. */
  add(ids: readonly string[], studentsUpTo?: string): Promise<void>;
  /** Takes over what another list knows. */
  merge(other: ErasedIds): Promise<void>;
  readonly file: ErasedFile;
}

/**
 * Opens the list of a folder, or begins it.
 *
 * @throws ErasedListDamaged
 */
export function openErased(folder: string): ErasedIds {
  const path = join(folder, ERASED_NAME);
  const file = existsSync(path) ? readErased(readFileSync(path, 'utf8'), path) : fresh();
  return listOf(file, (next) => writeFileAtomic(path, JSON.stringify(next), { mode: 0o600 }));
}

/** A list as it lies in a folder; undefined where nothing was ever erased. */
export const findErased = (folder: string): ErasedIds | undefined =>
  existsSync(join(folder, ERASED_NAME)) ? openErased(folder) : undefined;

function readErased(text: string, path: string): ErasedFile {
  try {
    return fileSchema.parse(JSON.parse(text));
  } catch {
    throw new ErasedListDamaged(path);
  }
}

const fresh = (): ErasedFile => ({
  format: FORMAT,
  version: 1,
  sets: [{ key: randomBytes(32).toString('hex'), hashes: [] }],
  studentsUpTo: null,
});

function listOf(first: ErasedFile, write: (file: ErasedFile) => Promise<void>): ErasedIds {
  let file = first;
  let known = file.sets.map(({ hashes }) => new Set(hashes));
  const keep = async (next: ErasedFile) => {
    await write(next);
    file = next;
    known = file.sets.map(({ hashes }) => new Set(hashes));
  };
  // One after the other: each goes on from what the one before wrote.
  const turn = new Mutex();
  const has = (id: string) => file.sets.some(({ key }, i) => known[i]!.has(hashOf(key, id)));
  return {
    has,
    mark: () =>
      file.sets.every(({ hashes }) => hashes.length === 0)
        ? NOTHING
        : createHash('sha256').update(JSON.stringify(file.sets)).digest('hex'),
    studentsUpTo: () => file.studentsUpTo,
    add: (ids, studentsUpTo) =>
      turn.runExclusive(async () => {
        const [{ key, hashes }, ...others] = file.sets as [ErasedFile['sets'][0]];
        const fresh = [...new Set(ids)].filter((id) => !has(id)).map((id) => hashOf(key, id));
        if (fresh.length === 0 && studentsUpTo === undefined) return;
        await keep({
          ...file,
          sets: [{ key, hashes: [...hashes, ...fresh] }, ...others],
          studentsUpTo: later(file.studentsUpTo, studentsUpTo ?? null),
        });
      }),
    merge: (other) =>
      turn.runExclusive(async () => {
        const sets = new Map(file.sets.map(({ key, hashes }) => [key, new Set(hashes)]));
        for (const { key, hashes } of other.file.sets) {
          sets.set(key, new Set([...(sets.get(key) ?? []), ...hashes]));
        }
        await keep({
          ...file,
          sets: [...sets].map(([key, hashes]) => ({ key, hashes: [...hashes] })),
          studentsUpTo: later(file.studentsUpTo, other.studentsUpTo()),
        });
      }),
    get file() {
      return file;
    },
  };
}

const hashOf = (key: string, id: string): string =>
  createHmac('sha256', Buffer.from(key, 'hex')).update(id).digest('hex');

const later = (a: string | null, b: string | null): string | null =>
  a === null || (b !== null && b > a) ? b : a;
