import type { Knex } from 'knex';

/** Does all of it, or nothing: what fails half-way leaves the studio as it was. */
export const inTransaction = <T>(
  db: Knex,
  work: (trx: Knex.Transaction) => Promise<T>,
): Promise<T> => db.transaction(work);
