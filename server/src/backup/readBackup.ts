import { createWriteStream, existsSync } from 'node:fs';
import { mkdir, stat } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Writable, type Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { pipeline } from 'node:stream/promises';
import { promisify } from 'node:util';
import { open as openZip, type Entry, type ZipFile } from 'yauzl';
import {
  BACKUP_VERSION,
  backupManifestSchema,
  MANIFEST_NAME,
  type BackupFile,
  type BackupManifest,
} from '@open-palm/contract';
import { backupWords } from '@open-palm/words/backups';
import { BackupProblem } from './backupProblem';
import { Hashing } from './hashing';

/** The largest manifest that is read: that of some three hundred thousand pictures. */
const MOST_MANIFEST_BYTES = 64 * 1024 * 1024;
/** The last entries of a zip file lie before its end; more entries than this no studio has. */
const MOST_ENTRIES = 1_000_000;

/**
 * Reads a backup from end to end and holds every file against its hash. Nothing is written.
 *
 * @throws BackupProblem
 */
export const verifyBackup = (file: string): Promise<BackupManifest> =>
  withBackup(file, async (backup) => {
    for (const one of backup.manifest.files) await backup.read(one, nowhere());
    return backup.manifest;
  });

/** What a backup says of itself, without reading its files. */
export const readManifest = (file: string): Promise<BackupManifest> =>
  withBackup(file, ({ manifest }) => Promise.resolve(manifest));

/**
 * Lays the files of a backup into a folder, each held against its hash. Only what its manifest names is written, and that can only lie inside.
 *
 * @throws BackupProblem
 */
export const unpackBackup = (file: string, folder: string): Promise<BackupManifest> =>
  withBackup(file, async (backup) => {
    for (const one of backup.manifest.files) {
      const to = join(folder, one.name);
      await mkdir(dirname(to), { recursive: true, mode: 0o700 });
      await backup.read(one, createWriteStream(to, { mode: 0o600, flush: true, flags: 'wx' }));
    }
    return backup.manifest;
  });

interface OpenBackup {
  manifest: BackupManifest;
  /** Reads one file into somewhere, and holds it against what the manifest says. */
  read(file: BackupFile, into: Writable): Promise<void>;
}

async function withBackup<Answer>(
  file: string,
  work: (backup: OpenBackup) => Promise<Answer>,
): Promise<Answer> {
  if (!existsSync(file)) throw new BackupProblem(backupWords.noFile(file));
  if ((await stat(file)).isDirectory()) throw new BackupProblem(backupWords.notABackup);
  const zip = await opened(file);
  try {
    const entries = await entriesOf(zip);
    const manifest = await manifestOf(zip, entries);
    const named = new Set([MANIFEST_NAME, ...manifest.files.map(({ name }) => name)]);
    for (const name of entries.keys()) {
      if (!named.has(name)) throw new BackupProblem(backupWords.notInManifest(shown(name)));
    }
    return await work({
      manifest,
      async read({ name, bytes, sha256 }, into) {
        const entry = entries.get(name);
        if (!entry) throw new BackupProblem(backupWords.missingFile(name));
        const damaged = () => new BackupProblem(backupWords.damaged(name));
        const through = new Hashing(bytes, damaged);
        await pipeline(await streamOf(zip, entry, damaged), through, into).catch((error) => {
          throw isDiskError(error) || error instanceof BackupProblem ? error : damaged();
        });
        const told = through.told();
        if (told.bytes !== bytes || told.sha256 !== sha256) throw damaged();
      },
    });
  } finally {
    zip.close();
  }
}

const isDiskError = (error: unknown): boolean =>
  ['ENOSPC', 'EDQUOT', 'EROFS', 'EACCES'].includes(String((error as { code?: unknown }).code));

async function opened(file: string): Promise<ZipFile> {
  try {
    return await openLazily(file, { lazyEntries: true, autoClose: false, strictFileNames: true });
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    if (code === 'EACCES') throw error;
    throw new BackupProblem(backupWords.cutOff);
  }
}

const openLazily = promisify(
  openZip as (
    path: string,
    options: object,
    done: (error: Error | null, zip: ZipFile) => void,
  ) => void,
);

/** Every entry by its name; a name that comes twice, or leads out of the archive, is refused. */
function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  const entries = new Map<string, Entry>();
  return new Promise((resolve, reject) => {
    zip.on('entry', (entry: Entry) => {
      if (entries.has(entry.fileName) || entries.size >= MOST_ENTRIES) {
        return reject(new BackupProblem(backupWords.notInManifest(shown(entry.fileName))));
      }
      entries.set(entry.fileName, entry);
      zip.readEntry();
    });
    zip.once('end', () => resolve(entries));
    // A name like "../x" ends here too.
    zip.once('error', () => reject(new BackupProblem(backupWords.cutOff)));
    zip.readEntry();
  });
}

async function manifestOf(
  zip: ZipFile,
  entries: ReadonlyMap<string, Entry>,
): Promise<BackupManifest> {
  const entry = entries.get(MANIFEST_NAME);
  const foreign = () => new BackupProblem(backupWords.notABackup);
  if (!entry || entry.uncompressedSize > MOST_MANIFEST_BYTES) throw foreign();
  const bounded = new Hashing(MOST_MANIFEST_BYTES, foreign);
  const content = await streamOf(zip, entry, foreign)
    .then(async (from) => {
      const read = buffer(bounded);
      await Promise.all([pipeline(from, bounded), read]);
      return JSON.parse((await read).toString('utf8')) as unknown;
    })
    .catch(() => {
      throw foreign();
    });
  const version = (content as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > BACKUP_VERSION) {
    throw new BackupProblem(backupWords.newer);
  }
  const read = backupManifestSchema.safeParse(content);
  if (!read.success) throw foreign();
  return read.data;
}

const streamOf = (zip: ZipFile, entry: Entry, damaged: () => Error): Promise<Readable> =>
  new Promise((resolve, reject) =>
    zip.openReadStream(entry, (error, stream) => (error ? reject(damaged()) : resolve(stream))),
  );

/** Reads and forgets. */
const nowhere = (): Writable => new Writable({ write: (_chunk, _encoding, done) => done() });

/** A name out of a foreign archive, short enough to be said. */
const shown = (name: string): string => name.slice(0, 80);
