import { chmodSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { lockFolder } from './db/lockFolder';

/** Which of the two studios of this machine something belongs to. */
export type StudioKind = 'demo' | 'studio';

/** What became of a studio that lay where all studios lay before each had a folder of its own. */
export interface Adopted {
  kind: StudioKind;
  folder: string;
  /** It has one already, so nothing was moved. */
  isTaken: boolean;
}

const FILE = 'studio.sqlite';
/** What belongs to a studio beside its database, which is moved last: until it is, a move that broke off goes on. */
const BESIDE = ['pictures', 'outbox', 'set-aside'];

/**
 * Moves a studio out of the folder where it lay before each kind had its own: the demo's into `demo`, one in which somebody has entered a student
 * into `studio`. A move that breaks off goes on at the next start; a studio is never moved over another.
 *
 * @param home the folder of both studios
 * @returns null when there is none
 * @throws FolderTaken when a server has it open
 */
export function adoptEarlier(home: string): Adopted | null {
  const file = join(home, FILE);
  if (!existsSync(file)) return null;
  const unlock = lockFolder(home);
  try {
    const kind = kindOf(file);
    const folder = join(home, kind);
    if (existsSync(join(folder, FILE))) return { kind, folder, isTaken: true };
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    chmodSync(folder, 0o700);
    for (const name of BESIDE) {
      const [from, to] = [join(home, name), join(folder, name)];
      if (existsSync(from) && !existsSync(to)) renameSync(from, to);
    }
    renameSync(file, join(folder, FILE));
    return { kind, folder, isTaken: false };
  } finally {
    unlock();
    if (!existsSync(file)) rmSync(join(home, 'lock.sqlite'), { force: true });
  }
}

/**
 * The demo's students were all entered at one moment, with a note that it was the demo. What the log before the last stop holds is taken into the
 * file first, so that the file is all there is.
 */
function kindOf(file: string): StudioKind {
  const db = new Database(file);
  try {
    db.pragma('wal_checkpoint(TRUNCATE)');
    db.pragma('journal_mode = DELETE');
    const tables = db
      .prepare("select 1 from sqlite_master where name in ('students', 'studio_facts')")
      .all();
    // Before it was noted whose students they are, they are taken for somebody's own.
    if (tables.length < 2) return 'studio';
    const isDemo = db
      .prepare("select 1 from studio_facts where name = 'demo' and value = 'filled'")
      .get();
    const { moments } = db
      .prepare('select count(distinct created_at) as moments from students')
      .get() as { moments: number };
    return isDemo && moments <= 1 ? 'demo' : 'studio';
  } finally {
    db.close();
  }
}
