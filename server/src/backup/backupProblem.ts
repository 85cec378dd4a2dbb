import { backupWords } from '@open-palm/words/backups';
import { diskTrouble } from '../diskTrouble';

/** Why a backup could not be made or read, in words for whoever wanted it. */
export class BackupProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'BackupProblem';
  }
}

/** What a disk or a database says when it gives or takes nothing, as a problem for a person; anything else as it was. */
export function diskProblem(error: unknown, folder: string): unknown {
  const code = String((error as { code?: unknown } | null)?.code);
  if (/^SQLITE_(NOTADB|CORRUPT)/.test(code)) return new BackupProblem(backupWords.unreadable);
  if (code === 'ENOTDIR' || code === 'EEXIST') {
    return new BackupProblem(backupWords.readOnly(folder));
  }
  const trouble = diskTrouble(error);
  if (trouble === null) return error;
  return new BackupProblem(
    trouble === 'full' ? backupWords.diskFull : backupWords.readOnly(folder),
  );
}
