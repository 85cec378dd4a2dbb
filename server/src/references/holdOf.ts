import type { Knex } from 'knex';
import { HOLD_IDS, type Hold } from '@open-palm/core/holds';
import { shippedHold } from '@open-palm/core/holds/archive';
import { findHold } from './repo';

/** The hold that a look names, in exactly its version: a shipped one out of the archive, or one of the teacher's own. */
export async function holdOf(db: Knex, id: string, version: number): Promise<Hold | undefined> {
  return HOLD_IDS.includes(id) ? shippedHold(id, version) : findHold(db, id, version);
}
