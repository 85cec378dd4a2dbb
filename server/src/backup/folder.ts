import { join } from 'node:path';

/** Where a studio's backups are kept: beside it, unless a folder is named, best on another disk. */
export const backupFolder = (dataDir: string): string =>
  process.env.BACKUP_DIR ?? join(dataDir, 'backups');
