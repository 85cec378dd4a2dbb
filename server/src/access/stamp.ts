import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import { readFact, writeFact } from '../studio/repo';
import { readMachineFact, writeMachineFact } from './repo';

const STAMP = 'stamp';

/**
 * Whether the studio in this folder is another one than when it was last served here: a copy of it that was put back, or a studio from elsewhere.
 * Each start and stop gives it a new stamp, which this machine notes beside it; a copy carries the one of its time.
 */
export async function isPutBack(access: Knex, db: Knex): Promise<boolean> {
  const noted = await readMachineFact(access, STAMP);
  if (noted === undefined) return false;
  const stamp = await readFact(db, STAMP);
  return stamp === undefined || !noted.split(' ').includes(stamp);
}

/** Gives the studio a new stamp. Between the two files a crash may fall: until both have it, the one before holds as well. */
export async function stampAnew(access: Knex, db: Knex): Promise<void> {
  const [before, fresh] = [await readFact(db, STAMP), uuidv7()];
  await writeMachineFact(
    access,
    STAMP,
    [...(before === undefined ? [] : [before]), fresh].join(' '),
  );
  await writeFact(db, STAMP, fresh);
  await writeMachineFact(access, STAMP, fresh);
}
