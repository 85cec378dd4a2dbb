import { join, resolve } from 'node:path';
import { backupWords as words } from '@open-palm/words/backups';
import { bytesWords } from '@open-palm/words/bytes';
import { adoptEarlier } from './adoptEarlier';
import { BackupProblem } from './backup/backupProblem';
import { backupFolder } from './backup/folder';
import { askedName } from './backup/rotation';
import { writeBackup } from './backup/writeBackup';
import { ownTemporaries } from './db/ownTemporaries';

/** Writes the studio into one file; it works beside a running studio. */
const dataDir = process.env.DATA_DIR ?? 'data';
const now = new Date();
const [asked] = process.argv.slice(2);
/** Where the command was given, not where it runs. */
const from = process.env.INIT_CWD ?? process.cwd();
const to = asked === undefined ? join(backupFolder(dataDir), askedName(now)) : resolve(from, asked);

process.umask(0o077);
ownTemporaries(dataDir);
try {
  if (process.env.STUDIOS_DIR) adoptEarlier(process.env.STUDIOS_DIR);
  const { bytes, manifest } = await writeBackup({
    dataDir,
    to,
    madeAt: now.toISOString(),
    build: process.env.OPEN_PALM_BUILD ?? 'unbuilt',
  });
  const { looks, picturesMissing } = manifest.holds;
  process.stdout.write(`${words.made(to, bytesWords(bytes), looks)}\n`);
  if (picturesMissing > 0) process.stdout.write(`${words.picturesMissing(picturesMissing)}\n`);
} catch (error) {
  if (!(error instanceof BackupProblem)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
