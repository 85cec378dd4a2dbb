import Database from 'better-sqlite3';
import type { BackupManifest } from '@open-palm/contract';

/** What a copy of the studio's database tells of itself. */
export interface Snapshot {
  studio: BackupManifest['studio'];
  tables: string;
  students: number;
  looks: number;
  /** Ids of the pictures whose file is there. */
  pictures: string[];
  picturesMissing: number;
}

/**
 * Copies the database as it was at one moment, while others go on writing into it: a second connection that only reads.
 *
 * @param to a file that does not exist yet
 */
export function copyDatabase(file: string, to: string): void {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    db.prepare('vacuum into ?').run(to);
  } finally {
    db.close();
  }
}

/** Reads what a copy holds. Copies of earlier versions have fewer tables, never other ones. */
export function readSnapshot(file: string): Snapshot {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    const fact = (name: string) =>
      (
        db.prepare('select value from studio_facts where name = ?').get(name) as
          { value: string } | undefined
      )?.value;
    const count = (sql: string) => (db.prepare(sql).get() as { n: number }).n;
    const settings = fact('settings');
    const pictures = db.prepare('select id, missing from pictures').all() as {
      id: string;
      missing: number;
    }[];
    return {
      studio: {
        id: fact('id') ?? '',
        name: settings === undefined ? null : (JSON.parse(settings) as { name: string }).name,
      },
      tables: (
        db.prepare('select name from knex_migrations order by id desc limit 1').get() as {
          name: string;
        }
      ).name,
      students: count('select count(*) as n from students'),
      looks: count('select count(*) as n from checks'),
      pictures: pictures.filter(({ missing }) => missing === 0).map(({ id }) => id),
      picturesMissing: pictures.filter(({ missing }) => missing !== 0).length,
    };
  } finally {
    db.close();
  }
}

/** Whether a database file is whole. */
export function isWhole(file: string): boolean {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    const [first] = db.pragma('integrity_check(1)') as { integrity_check: string }[];
    return first?.integrity_check === 'ok';
  } catch {
    return false;
  } finally {
    db.close();
  }
}
