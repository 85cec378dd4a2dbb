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

/** Reads what a copy holds. One of an earlier version has neither facts of itself nor a note of pictures that are gone. */
export function readSnapshot(file: string): Snapshot {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    const all = <Row>(sql: string) => db.prepare(sql).all() as Row[];
    const columnsOf = (table: string) =>
      all<{ name: string }>(`pragma table_info(${table})`).map(({ name }) => name);
    const facts = new Map(
      columnsOf('studio_facts').length === 0
        ? []
        : all<{ name: string; value: string }>('select name, value from studio_facts').map(
            ({ name, value }) => [name, value],
          ),
    );
    const settings = facts.get('settings');
    const pictureColumns = columnsOf('pictures');
    const missing = pictureColumns.includes('missing') ? 'missing' : '0';
    // A look that stays may name a picture that was erased: it is not missed.
    const kept = pictureColumns.includes('erased') ? 'erased = 0' : 'true';
    const pictures = all<{ id: string; missing: number }>(
      `select id, ${missing} as missing from pictures where ${kept}`,
    );
    const [last] = all<{ name: string }>(
      'select name from knex_migrations order by id desc limit 1',
    );
    const count = (table: string) => all<{ n: number }>(`select count(*) as n from ${table}`)[0]!.n;
    return {
      studio: {
        id: facts.get('id') ?? '',
        name: settings === undefined ? null : (JSON.parse(settings) as { name: string }).name,
      },
      tables: last!.name,
      students: count('students'),
      looks: count('checks'),
      pictures: pictures.filter((one) => one.missing === 0).map(({ id }) => id),
      picturesMissing: pictures.filter((one) => one.missing !== 0).length,
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
