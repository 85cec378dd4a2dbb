import { setImmediate as nextTurn } from 'node:timers/promises';
import { Mutex } from 'async-mutex';
import type { Knex } from 'knex';

const turns = new WeakMap<Knex, Mutex>();

/**
 * Does all of it, or nothing: what fails half-way leaves the studio as it was. One at a time, in the order of asking: SQLite writes one
 * after the other anyway, and so whoever only reads waits for a part of one write and not of twenty.
 */
export function inTransaction<T>(
  db: Knex,
  work: (trx: Knex.Transaction) => Promise<T>,
): Promise<T> {
  const turn = turns.get(db) ?? new Mutex();
  turns.set(db, turn);
  return turn.runExclusive(async () => {
    // Whoever reads meanwhile has a turn between two writes: nothing else here lets go of the thread.
    await nextTurn();
    return db.transaction(work);
  });
}
