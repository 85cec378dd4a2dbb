import type { Knex } from 'knex';
import type { LogEntry, OwnCue, RelaxedHandRecord } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { ownCueOf, STUDENT_WIDE } from '@open-palm/records/log';
import { readRows } from '../db/readRows';

/** What one resource asks about another: whether it is there, and how it reads. */

const exists = async (db: Knex, table: string, where: Record<string, string>): Promise<boolean> =>
  (await db(table).where(where).first('id')) !== undefined;

export const studentExists = (db: Knex, id: string) => exists(db, 'students', { id });

/** Whether photographs of a student may not be kept. */
export const photosWithheld = (db: Knex, id: string) =>
  exists(db, 'students', { id, photos: 'withheld' });

/** Takes away those of these pictures that nothing names; returns which they were. */
export async function dropUnnamedPictures(trx: Knex, ids: readonly string[]): Promise<string[]> {
  const unnamed: string[] = await trx('pictures')
    .whereIn('id', [...ids])
    .whereNotIn('id', trx('captures').select('picture_id'))
    .whereNotIn('id', trx('relaxed_hands').select('picture_id'))
    .whereNotIn('id', trx('bin_pictures').select('picture_id'))
    .pluck('id');
  await trx('pictures').whereIn('id', unnamed).delete();
  return unnamed;
}

/** Pictures from before a moment that nothing names: their look never came. One that was erased may still be named by what lies in the bin. */
export const forgottenPictures = (db: Knex, before: string): Promise<string[]> =>
  db('pictures')
    .where('created_at', '<', before)
    .where({ erased: 0 })
    .whereNotIn('id', db('captures').select('picture_id'))
    .whereNotIn('id', db('relaxed_hands').select('picture_id'))
    .pluck('id');

/** The first of these pictures that is not known here, by its index; null when all are. */
export async function missingPicture(db: Knex, ids: readonly string[]): Promise<number | null> {
  if (ids.length === 0) return null;
  const known = new Set<string>(await db('pictures').whereIn('id', ids).pluck('id'));
  const at = ids.findIndex((id) => !known.has(id));
  return at < 0 ? null : at;
}

/** Instruments of these students, of now and of earlier, each with its student: `student setup`. */
export async function instrumentsOf(
  db: Knex,
  studentIds: readonly string[],
): Promise<ReadonlySet<string>> {
  const rows: { student_id: string; id: string }[] = await db('setups')
    .whereIn('student_id', [...studentIds])
    .select('student_id', 'id');
  return new Set(rows.map(({ student_id, id }) => `${student_id} ${id}`));
}

/** Whether a setup is one of the student's, of now or of earlier. */
export const setupExists = (db: Knex, studentId: string, id: string) =>
  exists(db, 'setups', { id, student_id: studentId });

/** One version of an own hold: versions are added and never changed. */
export async function findHold(db: Knex, id: string, version: number): Promise<Hold | undefined> {
  const row = await db('holds').where({ id, version }).first<{ body_json: string }>('body_json');
  return row && (JSON.parse(row.body_json) as Hold);
}

/** The newest version of every own hold, the oldest hold first. */
export async function latestHolds(db: Knex): Promise<Hold[]> {
  const rows: { body_json: string }[] = await db('holds')
    .where('version', db.raw('(select max(version) from holds h where h.id = holds.id)'))
    .orderBy('id')
    .select('body_json');
  return readRows(rows, ({ body_json }) => JSON.parse(body_json) as Hold);
}

/** Every version of every own hold: looks are judged by the one of their time. */
export async function everyHold(db: Knex): Promise<Hold[]> {
  const rows: string[] = await db('holds').orderBy(['id', 'version']).pluck('body_json');
  return rows.map((json) => JSON.parse(json) as Hold);
}

interface RelaxedHandRow {
  id: string;
  student_id: string;
  taken_at: string;
  picture_id: string;
  side: string;
  image_width: number;
  image_height: number;
  points_json: string;
}

const relaxedHandOf = (row: RelaxedHandRow): RelaxedHandRecord => ({
  id: row.id,
  studentId: row.student_id,
  takenAt: row.taken_at,
  pictureId: row.picture_id,
  side: row.side as RelaxedHandRecord['side'],
  image: { width: row.image_width, height: row.image_height },
  points: JSON.parse(row.points_json),
});

export async function findRelaxedHand(
  db: Knex,
  id: string,
): Promise<RelaxedHandRecord | undefined> {
  const row = await db<RelaxedHandRow>('relaxed_hands').where({ id }).first();
  return row && relaxedHandOf(row);
}

/** The newest relaxed-hand picture of a student. */
export async function newestRelaxedHand(
  db: Knex,
  studentId: string,
): Promise<RelaxedHandRecord | undefined> {
  const row = await db<RelaxedHandRow>('relaxed_hands')
    .where({ student_id: studentId })
    .orderBy([
      { column: 'taken_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first();
  return row && relaxedHandOf(row);
}

interface LogRow {
  body_json: string;
}

const entryOf = ({ body_json }: LogRow): LogEntry => JSON.parse(body_json);

/** How much of the past shapes today's cues and priors; older lessons are not asked. */
const NEWEST_ENTRIES = 300;
/** Plans and what was practised of them: what is learned of a drill takes many periods. */
const NEWEST_PRACTICE = 60;

/**
 * A setup's newest entries, newest first, and with them what is the student's on whichever instrument and however old: flags
 * that it hurts, what was agreed, aids; every planned change, which restarts what is compared; and the newest plans.
 */
export async function logOf(db: Knex, studentId: string, setupId: string): Promise<LogEntry[]> {
  const newest = await db('log_entries')
    .where({ setup_id: setupId })
    .orderBy([
      { column: 'made_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(NEWEST_ENTRIES)
    .select('body_json');
  const own = await db('log_entries')
    .where({ student_id: studentId })
    .whereIn('kind', STUDENT_WIDE)
    .select('body_json');
  const planned = await db('log_entries')
    .where({ setup_id: setupId, kind: 'planned' })
    .select('body_json');
  const practice = await db('log_entries')
    .where({ setup_id: setupId })
    .whereIn('kind', ['plan', 'practised'])
    .orderBy('made_at', 'desc')
    .limit(NEWEST_PRACTICE)
    .select('body_json');
  const entries = new Map(
    readRows([...newest, ...own, ...planned, ...practice], entryOf).map((entry) => [
      entry.id,
      entry,
    ]),
  );
  return [...entries.values()].sort((a, b) => (keyOf(a) < keyOf(b) ? 1 : -1));
}

const keyOf = ({ madeAt, id }: LogEntry) => `${madeAt} ${id}`;

/** The teacher's own cues, for whichever student they were first said. */
export async function ownCues(db: Knex): Promise<OwnCue[]> {
  const rows = await db('log_entries').where({ kind: 'ownCue' }).orderBy('id');
  return readRows(rows as LogRow[], entryOf).flatMap((entry) =>
    entry.kind === 'ownCue' ? [ownCueOf(entry)] : [],
  );
}
