import type { Knex } from 'knex';

/** What every write to the studio needs. */
export interface StudioParts {
  db: Knex;
  now: () => Date;
  /** The teacher's time zone: by its calendar days are counted where a student has no lesson time of their own. */
  zone: string;
}
