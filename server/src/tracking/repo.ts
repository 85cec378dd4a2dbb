import type { Knex } from 'knex';
import type { HistoryCheck, LogEntry, SetupTrack, Student, TrackCheck } from '@open-palm/contract';
import { readRows, type LeftOut } from '../db/readRows';
import type { SeenNow } from '@open-palm/records/lastSeen';

/** Of one setup's student what the schedule of looks needs; undefined when there is no such setup. */
export async function trackedSetup(
  db: Knex,
  setupId: string,
): Promise<(Pick<Student, 'lesson' | 'audits'> & { studentId: string }) | undefined> {
  const row = await db('setups')
    .join('students', 'students.id', 'setups.student_id')
    .where('setups.id', setupId)
    .first<{ student_id: string; lesson_json: string | null; audits: number }>(
      'student_id',
      'lesson_json',
      'audits',
    );
  return (
    row && {
      studentId: row.student_id,
      lesson: row.lesson_json === null ? null : JSON.parse(row.lesson_json),
      audits: row.audits === 1,
    }
  );
}

interface TrackRow {
  id: string;
  taken_at: string;
  context: TrackCheck['context'];
  standings_json: string;
  numbers_json: string;
  hold_id: string;
  hold_version: number;
  settings_json: string;
  bow_size: TrackCheck['grip']['bowSize'];
  bands_off: number;
}

const TRACK_COLUMNS = [
  'id',
  'taken_at',
  'context',
  'standings_json',
  'numbers_json',
  'hold_id',
  'hold_version',
  'settings_json',
  'bow_size',
  'bands_off',
] as const;

const trackCheckOf = (row: TrackRow): TrackCheck => ({
  id: row.id,
  takenAt: row.taken_at,
  context: row.context,
  standings: JSON.parse(row.standings_json),
  numbers: JSON.parse(row.numbers_json),
  grip: {
    holdId: row.hold_id,
    holdVersion: row.hold_version,
    settings: JSON.parse(row.settings_json),
    bowSize: row.bow_size,
    ...(row.bands_off ? { bandsOff: true as const } : {}),
  },
});

/** A setup's newest looks as tracking needs them, oldest first. */
export async function newestTrackChecks(
  db: Knex,
  setupId: string,
  most: number,
): Promise<TrackCheck[]> {
  const rows = await db<TrackRow & { setup_id: string }>('checks')
    .where({ setup_id: setupId })
    .orderBy([
      { column: 'taken_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(most)
    .select(...TRACK_COLUMNS);
  return readRows(rows.reverse(), trackCheckOf);
}

/** Looks of which nothing was ever worked out: a look that saw nothing is another thing. */
const neverWorkedOut = { pending: 1, derived_code: null };

/** How many looks at a setup nothing was worked out of yet. */
export async function countUntold(db: Knex, setupId: string): Promise<number> {
  const row = await db('checks')
    .where({ setup_id: setupId, ...neverWorkedOut })
    .count<{ n: number }>({ n: '*' })
    .first();
  return row?.n ?? 0;
}

/** Every look at a setup that something was worked out of, oldest first, with what is drawn of each. */
export async function wholeHistory(db: Knex, setupId: string): Promise<HistoryCheck[]> {
  const rows = await db<TrackRow & { setup_id: string; contacts_json: string }>('checks')
    .where({ setup_id: setupId })
    .whereNot((untold) => untold.where(neverWorkedOut))
    .orderBy(['taken_at', 'id'])
    .select(...TRACK_COLUMNS, 'contacts_json');
  return readRows(rows, (row) => ({
    ...trackCheckOf(row),
    contacts: JSON.parse(row.contacts_json),
  }));
}

/** Entries that shape how a hold stands: planned changes, re-form tests, and the newest cues. */
export async function trackEntries(db: Knex, setupId: string): Promise<LogEntry[]> {
  const newest = (kind: string, most: number) =>
    db('log_entries')
      .where({ setup_id: setupId, kind })
      .orderBy([
        { column: 'made_at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .limit(most)
      .pluck('body_json');
  const rows: string[][] = [
    await newest('planned', 20),
    await newest('test', 40),
    await newest('cue', 1),
  ];
  return readRows(rows.flat(), (json) => JSON.parse(json) as LogEntry);
}

export async function keepTrack(db: Knex, track: SetupTrack, seen: SeenNow): Promise<void> {
  await db('tracks')
    .insert({
      setup_id: track.setupId,
      body_json: JSON.stringify(track),
      seen_json: JSON.stringify(seen),
    })
    .onConflict('setup_id')
    .merge();
}

/** What lists need of a setup. */
export interface KeptTrack {
  /** Null for an instrument that is no longer played. */
  position: number | null;
  track: SetupTrack;
  seen: SeenNow;
}

/** How every hold stands over the weeks and was last seen, by the student, the main instrument first. */
export async function tracksByStudent(
  db: Knex,
  leftOut?: LeftOut,
): Promise<Map<string, KeptTrack[]>> {
  const rows: {
    student_id: string;
    position: number | null;
    body_json: string;
    seen_json: string;
  }[] = await db('setups')
    .join('tracks', 'tracks.setup_id', 'setups.id')
    .orderBy(['setups.student_id', 'setups.position'])
    .select('setups.student_id', 'setups.position', 'tracks.body_json', 'tracks.seen_json');
  const found = new Map<string, KeptTrack[]>();
  const kept = readRows(
    rows,
    ({ student_id: id, position, body_json, seen_json }) =>
      [id, { position, track: JSON.parse(body_json), seen: JSON.parse(seen_json) }] as const,
    leftOut,
  );
  for (const [id, one] of kept) found.set(id, [...(found.get(id) ?? []), one]);
  return found;
}
