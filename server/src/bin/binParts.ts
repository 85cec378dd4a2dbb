import type { Knex } from 'knex';
import type { BackupKeeper } from '../backup/keeper';
import type { RestoreDesk } from '../backup/restoreDesk';
import type { ErasedIds } from '../erase/erasedIds';
import type { StudioParts } from '../studioParts';

/** What taking away, bringing back and erasing need. */
export interface BinParts extends Pick<StudioParts, 'db' | 'deriver' | 'now'> {
  /** The studio's own folder. */
  dataDir: string;
  pictureDir: string;
  outboxDir: string;
  erased: ErasedIds;
  /** A student was erased: what lies in backups and in studios set aside goes too. */
  onStudentErased(): void;
}

type Whole = Omit<BinParts, 'onStudentErased'> & {
  reader: Knex;
  backups: BackupKeeper;
  restores: RestoreDesk;
};

/** The same out of the studio's parts. */
export const binParts = ({ backups, restores, ...parts }: Whole) => ({
  ...parts,
  onStudentErased: () => {
    // It may hold them too, and is looked at again before it is put back.
    void restores.forget();
    void backups.eraseFromAll();
  },
  backupsHolding: () => backups.holding(),
});
