import { setImmediate as nextTurn } from 'node:timers/promises';
import { Mutex } from 'async-mutex';
import type { Database } from 'better-sqlite3';
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
    let broken: { by: unknown } | undefined;
    try {
      return await db.transaction(async (trx) => {
        try {
          return await work(trx);
        } catch (error) {
          broken = { by: error };
          throw error;
        }
      });
    } catch (error) {
      await endLeftOpen(db);
      // A full disk takes a transaction back by itself, and then there is none to be taken back: what is told is why.
      throw broken ? broken.by : error;
    }
  });
}

/** A commit that failed may leave its transaction open, and the next one could not begin. */
async function endLeftOpen(db: Knex): Promise<void> {
  const client = db.client as Knex.Client;
  const connection = (await client.acquireConnection()) as Database;
  try {
    if (connection.inTransaction) connection.exec('rollback');
  } finally {
    await client.releaseConnection(connection);
  }
}
