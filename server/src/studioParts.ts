import type { Knex } from 'knex';
import type { Deriver } from './derive/deriver';

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
}
