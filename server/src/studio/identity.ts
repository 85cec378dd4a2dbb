import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import { readFact, writeFact } from './repo';

const ID = 'id';

/** The studio's own id, given to it when it is opened for the first time: what is made for it on a device is sent to no other. */
export async function studioId(db: Knex): Promise<string> {
  const known = await readFact(db, ID);
  if (known !== undefined) return known;
  const fresh = uuidv7();
  await writeFact(db, ID, fresh);
  return fresh;
}
