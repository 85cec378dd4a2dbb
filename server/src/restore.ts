import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { backupWords as words } from '@open-palm/words/backups';
import { adoptEarlier } from './adoptEarlier';
import { BackupProblem } from './backup/backupProblem';
import { finishRestore, restoreBackup } from './backup/restoreBackup';
import { ErasedListDamaged } from './erase/erasedIds';
import { FolderTaken, lockFolder } from './db/lockFolder';
import { ownTemporaries } from './db/ownTemporaries';

/** Puts a backup in the place of the studio, which must not be served meanwhile. */
const dataDir = process.env.DATA_DIR ?? 'data';
const [asked] = process.argv.slice(2);
const from = process.env.INIT_CWD ?? process.cwd();

process.umask(0o077);
ownTemporaries(dataDir);
try {
  if (asked === undefined) throw new BackupProblem(words.notNamed);
  if (process.env.STUDIOS_DIR) adoptEarlier(process.env.STUDIOS_DIR);
  mkdirSync(dataDir, { recursive: true, mode: 0o700 });
  const unlock = lockFolder(dataDir);
  try {
    if (await finishRestore(dataDir)) process.stdout.write(`${words.finished}\n`);
    const { manifest, aside } = await restoreBackup({
      dataDir,
      file: resolve(from, asked),
      now: new Date(),
    });
    process.stdout.write(`${words.restored(manifest.madeAt, manifest.holds.looks, aside)}\n`);
  } finally {
    unlock();
  }
} catch (error) {
  const isForAPerson =
    error instanceof BackupProblem ||
    error instanceof FolderTaken ||
    error instanceof ErasedListDamaged;
  if (!isForAPerson) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
