import { backupWords } from '@open-palm/words/backups';

/** Why a backup could not be made or read, in words for whoever wanted it. */
export class BackupProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'BackupProblem';
  }
}

/** What a disk says when it takes nothing more, as a problem for a person; anything else as it was. */
export function diskProblem(error: unknown, folder: string): unknown {
  const code = (error as NodeJS.ErrnoException | null)?.code;
  if (code === 'ENOSPC' || code === 'EDQUOT' || code === 'SQLITE_FULL') {
    return new BackupProblem(backupWords.diskFull);
  }
  if (code === 'EROFS' || code === 'EACCES' || code === 'SQLITE_READONLY') {
    return new BackupProblem(backupWords.readOnly(folder));
  }
  return error;
}
