import { backupWords } from '@open-palm/words/backups';
import { diskTrouble } from '../diskTrouble';

/** Why a backup could not be made or read, in words for whoever wanted it. */
export class BackupProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'BackupProblem';
  }
}

/** What a disk says when it takes nothing more, as a problem for a person; anything else as it was. */
export function diskProblem(error: unknown, folder: string): unknown {
  const trouble = diskTrouble(error);
  if (trouble === null) return error;
  return new BackupProblem(
    trouble === 'full' ? backupWords.diskFull : backupWords.readOnly(folder),
  );
}
