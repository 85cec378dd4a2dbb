import type { Knex } from 'knex';
import { type Hold } from '@open-palm/core/holds';
import { shippedHold } from '@open-palm/core/holds/archive';
import { findHold } from './repo';
import { isShipped } from '@open-palm/records/holds';

/** The hold that a look names, in exactly its version: a shipped one out of the archive, or one of the teacher's own. */
export async function holdOf(db: Knex, id: string, version: number): Promise<Hold | undefined> {
  return isShipped(id) ? shippedHold(id, version) : findHold(db, id, version);
}
