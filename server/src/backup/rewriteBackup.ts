import { mkdtemp, rename, rm } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { DATABASE_NAME } from '@open-palm/contract';
import { openErased } from '../erase/erasedIds';
import { sweepFolder } from '../erase/sweepFolder';
import { diskProblem } from './backupProblem';
import { unpackBackup, verifyBackup } from './readBackup';
import { partName, WORK } from './unfinished';
import { syncFolder } from './writeBackup';
import { zipStudio } from './zipStudio';

/** What is asked: plain data, so that another thread can be told. */
export interface RewriteOrder {
  dataDir: string;
  /** The backup. */
  rewrite: string;
}

/**
 * Writes a backup anew without what was erased since it was made. Under its name there is the old one until the new one was read back, and the new one then.
 *
 * @throws BackupProblem with the old one as it was
 */
export async function rewriteBackup({ dataDir, rewrite }: RewriteOrder): Promise<void> {
  const part = partName(rewrite);
  let work: string | undefined;
  try {
    work = await mkdtemp(join(dataDir, WORK));
    const { madeAt, build } = await unpackBackup(rewrite, work);
    const known = openErased(dataDir);
    const erased = openErased(work);
    await erased.merge(known);
    await sweepFolder(work, erased);
    await zipStudio({
      from: work,
      database: join(work, DATABASE_NAME),
      madeAt,
      build,
      part,
      erasedUpTo: erased.studentsUpTo(),
    });
    await verifyBackup(part);
    await rename(part, rewrite);
    await syncFolder(dirname(rewrite));
  } catch (error) {
    throw diskProblem(error, dirname(rewrite));
  } finally {
    const clear = (path: string) =>
      rm(path, { recursive: true, force: true }).catch(() => undefined);
    await clear(part);
    if (work) await clear(work);
  }
}
