import { answers } from '@open-palm/words/answers';
import type { Knex } from 'knex';
import { isSame } from '@open-palm/records/merge';
import { isOlderHash } from './bodyHash';
import { inTransaction } from './db/inTransaction';
import { Problem } from './problem';

/** How one kind of record that never changes is kept. */
export interface Once {
  /** What a person would call another record of this kind. */
  what: string;
  /** Under which hash the record with this id is kept; undefined when there is none. */
  hashOf(trx: Knex): Promise<string | undefined>;
  /** What is kept and what came, as facts, for records from before hashes were of what was received. */
  facts(trx: Knex): Promise<readonly [kept: unknown, came: unknown]>;
  /** Checks what it refers to and adds it. */
  add(trx: Knex): Promise<void>;
}

/**
 * Keeps what never changes under the client's id, in one transaction. The same body again, at the same time too, gives the
 * same answer; another body under a known id touches nothing.
 *
 * @param received the hash of the body as it came
 * @returns whether it was added now
 * @throws Problem `conflict`
 */
export function keepOnce(db: Knex, received: string, once: Once): Promise<boolean> {
  return inTransaction(db, async (trx) => {
    const known = await once.hashOf(trx);
    if (known === undefined) {
      await once.add(trx);
      return true;
    }
    if (known === received) return false;
    if (isOlderHash(known)) {
      const [kept, came] = await once.facts(trx);
      if (isSame(kept, came)) return false;
    }
    throw new Problem(409, 'conflict', answers.idTaken(once.what), 'id');
  });
}
