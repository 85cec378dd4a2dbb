import type { Knex } from 'knex';
import type { BackupKeeper } from '../backup/keeper';
import type { BinParts } from './binService';

type Whole = Omit<BinParts, 'onStudentErased'> & { reader: Knex; backups: BackupKeeper };

/** What taking away and erasing need of the studio's parts. */
export const binParts = ({ backups, ...parts }: Whole) => ({
  ...parts,
  onStudentErased: () => void backups.eraseFromAll(),
  backupsHolding: () => backups.holding(),
});
