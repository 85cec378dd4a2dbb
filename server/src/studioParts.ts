import type { Knex } from 'knex';
import type { Deriver } from './derive/deriver';
import type { ErasedIds } from './erase/erasedIds';

/** What every write to the studio needs. */
export interface StudioParts {
  /** The one connection that writes. */
  db: Knex;
  /** Sees what was committed last. */
  reader: Knex;
  now: () => Date;
  /** The teacher's time zone: by its calendar days are counted where a student has no lesson time of their own. */
  zone: () => string;
  deriver: Deriver;
  /** What was erased, and must not come back. */
  erased: ErasedIds;
}
