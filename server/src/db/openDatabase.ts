import knex, { type Knex } from 'knex';
import { cacheStatements } from './cachedStatements';
import * as firstTables from '../../migrations/20261125090000_first_tables';
import * as setupsTapsHolds from '../../migrations/20261125150000_setups_taps_holds';
import * as lessonLog from '../../migrations/20261125200000_lesson_log';
import * as fittedHands from '../../migrations/20261125210000_fitted_hands';
import * as ownBows from '../../migrations/20261125220000_own_bows';
import * as takes from '../../migrations/20261125230000_takes';
import * as takesFingersSeen from '../../migrations/20261126010000_takes_fingers_seen';
import * as crossings from '../../migrations/20261126020000_crossings';
import * as tracking from '../../migrations/20261126090000_tracking';
import * as factsFirst from '../../migrations/20261129110000_facts_first';
import * as people from '../../migrations/20261130090000_people';
import * as badges from '../../migrations/20261130120000_badges';
import * as poses from '../../migrations/20261130150000_poses';
import * as bin from '../../migrations/20261201040000_bin';
import * as nothingLeftOver from '../../migrations/20261201040100_nothing_left_over';
import * as groups from '../../migrations/20261201130000_groups';
import * as accessTables from '../../migrations/access/20261130090000_first_tables';

interface SqliteConnection {
  pragma(text: string): unknown;
  prepare(sql: string): unknown;
}

interface Migration {
  name: string;
  up: (knex: Knex) => Promise<void>;
  down: (knex: Knex) => Promise<void>;
  config?: { transaction: boolean };
}

/** Every migration in order, by its file's name; a new file is added at the end. */
const MIGRATIONS: readonly Migration[] = [
  { name: '20261125090000_first_tables', ...firstTables },
  { name: '20261125150000_setups_taps_holds', ...setupsTapsHolds },
  { name: '20261125200000_lesson_log', ...lessonLog },
  { name: '20261125210000_fitted_hands', ...fittedHands },
  { name: '20261125220000_own_bows', ...ownBows },
  { name: '20261125230000_takes', ...takes },
  { name: '20261126010000_takes_fingers_seen', ...takesFingersSeen },
  { name: '20261126020000_crossings', ...crossings },
  { name: '20261126090000_tracking', ...tracking },
  { name: '20261129110000_facts_first', ...factsFirst },
  { name: '20261130090000_people', ...people },
  { name: '20261130120000_badges', ...badges },
  { name: '20261130150000_poses', ...poses },
  { name: '20261201040000_bin', ...bin },
  { name: '20261201040100_nothing_left_over', ...nothingLeftOver },
  { name: '20261201130000_groups', ...groups },
];

/** Whether this Open Palm knows a studio's tables as they are after a change of this name. */
export const knowsTables = (change: string): boolean =>
  MIGRATIONS.some(({ name }) => name === change);

/** The same of the file that says who may come in. */
const ACCESS_MIGRATIONS: readonly Migration[] = [
  { name: '20261130090000_first_tables', ...accessTables },
];

/** Migrations come from the lists above, so that the built server carries them inside itself. */
const sourceOf = (migrations: readonly Migration[]): Knex.MigrationSource<Migration> => ({
  getMigrations: () => Promise.resolve([...migrations]),
  getMigrationName: (migration) => migration.name,
  getMigration: (migration) => Promise.resolve(migration),
});

/**
 * Opens the studio's database and brings it up to date.
 *
 * What is acknowledged must survive a crash and a power cut: write-ahead log, and every commit synced to disk.
 */
export const openDatabase = (filename: string): Promise<Knex> => open(filename, MIGRATIONS);

/** Opens the file that says who may come in, and brings it up to date. */
export const openAccess = (filename: string): Promise<Knex> => open(filename, ACCESS_MIGRATIONS);

async function open(filename: string, migrations: readonly Migration[]): Promise<Knex> {
  const db = knex({
    client: 'better-sqlite3',
    connection: { filename },
    useNullAsDefault: true,
    pool: {
      min: 1,
      max: 1,
      afterCreate(connection: SqliteConnection, done: () => void) {
        connection.pragma('journal_mode = WAL');
        connection.pragma('foreign_keys = ON');
        connection.pragma('synchronous = FULL');
        // What is deleted is overwritten: a student who was erased is in no gap between rows.
        connection.pragma('secure_delete = ON');
        cacheStatements(connection);
        done();
      },
    },
    migrations: { migrationSource: sourceOf(migrations) },
  });
  try {
    await db.migrate.latest();
  } catch (error) {
    await db.destroy();
    throw error;
  }
  return db;
}

/**
 * A second connection that only reads: whoever looks at something does not stand in line behind those who write. It sees what
 * was committed last.
 */
export const openReader = (filename: string): Knex =>
  knex({
    client: 'better-sqlite3',
    connection: { filename, options: { readonly: true } },
    useNullAsDefault: true,
    pool: {
      min: 1,
      max: 1,
      afterCreate(connection: SqliteConnection, done: () => void) {
        cacheStatements(connection);
        done();
      },
    },
  });
