import { rm } from 'node:fs/promises';
import { answers } from '@open-palm/words/answers';
import type { Knex } from 'knex';
import { inTransaction } from '../db/inTransaction';
import { Problem } from '../problem';
import { pictureFile } from './pictureFile';
import { dropUnnamedPictures, photosWithheld } from './repo';

/** A photograph of somebody who is not photographed. */
class NoConsent extends Problem {
  constructor(where: string) {
    super(403, 'consent', answers.noConsent, where);
  }
}

/** @throws Problem `consent` where photographs of a student may not be kept */
export async function refuseWithheld(trx: Knex, studentId: string, where: string): Promise<void> {
  if (await photosWithheld(trx, studentId)) throw new NoConsent(where);
}

/**
 * Does a write that names photographs. They came before it: where it is refused for want of consent, those that nothing else names go again. The
 * device has them still, and sends them once more if it is let.
 */
export async function withConsent<Answer>(
  { db, pictureDir }: { db: Knex; pictureDir: string },
  pictureIds: readonly string[],
  write: () => Promise<Answer>,
): Promise<Answer> {
  try {
    return await write();
  } catch (error) {
    if (error instanceof NoConsent) await dropPictures({ db, pictureDir }, pictureIds);
    throw error;
  }
}

/** Takes away those of these pictures that nothing names, row and file. */
export async function dropPictures(
  { db, pictureDir }: { db: Knex; pictureDir: string },
  pictureIds: readonly string[],
): Promise<void> {
  if (pictureIds.length === 0) return;
  for (const id of await inTransaction(db, (trx) => dropUnnamedPictures(trx, pictureIds))) {
    await rm(pictureFile(pictureDir, id), { force: true });
  }
}
