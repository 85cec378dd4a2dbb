import type { Knex } from 'knex';
import type {
  CheckSummary,
  DatedMeasure,
  FittedHandRecord,
  KeptFit,
  LogEntry,
  SeenSigns,
} from '@open-palm/contract';
import { readRows, type LeftOut } from '../db/readRows';
import { MEASURE_IDS, type GripContacts } from '@open-palm/core/measure';
import { allSeries } from '@open-palm/core/track';

/** How many checks back a portrait may reach for what newer pictures did not show. */
export const PORTRAIT_CHECKS = 8;

const SERIES = JSON.stringify(allSeries(MEASURE_IDS));

/** A setup's checks, newest first. */
export async function checkSummaries(db: Knex, setupId: string): Promise<CheckSummary[]> {
  const rows = await db('checks')
    .where('setup_id', setupId)
    .orderBy([
      { column: 'taken_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .select('id', 'taken_at', 'context', 'standings_json')
    .select(db.raw('json_array_length(taps_json) as taps'))
    .select(
      db.raw(
        `(select json_group_array(json_object('id', p.picture_id, 'view', p.view, 'place', p.place))
          from (select * from captures where check_id = checks.id order by position) p) as pictures`,
      ),
    );
  return readRows(rows, (row) => ({
    id: row.id,
    takenAt: row.taken_at,
    context: row.context,
    pictures: JSON.parse(row.pictures),
    taps: row.taps,
    standings: JSON.parse(row.standings_json),
  }));
}

/** The newest values of every measure of a setup, `depth` of each, newest first. */
export async function newestMeasures(
  db: Knex,
  depth: number,
  setupId: string,
): Promise<DatedMeasure[]> {
  // One short walk in the index for each setup and series, however long the history is.
  const rows: {
    check_id: string;
    taken_at: string;
    context: DatedMeasure['context'];
    value_json: string;
  }[] = await db.raw(
    `select m.check_id, m.taken_at, c.context, m.value_json
     from json_each(?) k
     join measures m on m.rowid in (
       select n.rowid from measures n where n.setup_id = ? and n.series = k.value
       order by n.taken_at desc, n.check_id desc limit ?)
     join checks c on c.id = m.check_id
     order by m.taken_at desc, m.check_id desc`,
    [SERIES, setupId, depth],
  );
  return readRows(rows, ({ check_id: checkId, taken_at: takenAt, context, value_json }) => ({
    checkId,
    takenAt,
    context,
    merged: JSON.parse(value_json),
  }));
}

/** One column of a setup's newest checks, newest first. */
async function ofNewest<T>(db: Knex, column: string, depth: number, setupId: string): Promise<T[]> {
  const rows: string[] = await db('checks')
    .where('setup_id', setupId)
    .orderBy([
      { column: 'taken_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(depth)
    .pluck(column);
  return readRows(rows, (json) => JSON.parse(json) as T);
}

/** Contacts of a setup's newest checks, newest first. */
export const newestContacts = (db: Knex, depth: number, setupId: string) =>
  ofNewest<GripContacts>(db, 'contacts_json', depth, setupId);

/** Signs as they were seen in a setup's newest checks, newest first. */
export const newestSigns = (db: Knex, depth: number, setupId: string) =>
  ofNewest<SeenSigns>(db, 'signs_json', depth, setupId);

/** The newest hand that was fitted to several pictures of a setup, if there is one. */
export async function newestFittedHand(
  db: Knex,
  setupId: string,
): Promise<FittedHandRecord | null> {
  const row = await db('checks')
    .where('setup_id', setupId)
    .andWhereNot('fits_json', '[]')
    .orderBy([
      { column: 'taken_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first('id', 'taken_at', db.raw(`json_extract(fits_json, '$[0]') as fit`));
  if (!row) return null;
  const { side, pointsMm } = JSON.parse(row.fit) as KeptFit;
  return { checkId: row.id, takenAt: row.taken_at, side, pointsMm };
}

/** What is open with each student, and what was said about it, newest first. */
export async function openByStudent(db: Knex, leftOut?: LeftOut): Promise<Map<string, LogEntry[]>> {
  const rows: { student_id: string; body_json: string }[] = await db.raw(
    `with open as (select id, student_id, made_at, body_json from log_entries where is_open = 1)
     select student_id, made_at, id, body_json from open
     union all
     select e.student_id, e.made_at, e.id, e.body_json from open
     join log_entries e on e.of_id = open.id
     order by made_at desc, id desc`,
  );
  const found = new Map<string, LogEntry[]>();
  const entries = readRows(
    rows,
    ({ student_id: id, body_json: json }) => [id, forLists(JSON.parse(json))] as const,
    leftOut,
  );
  for (const [id, entry] of entries) found.set(id, [...(found.get(id) ?? []), entry]);
  return found;
}

/** A plan and what was practised of it as lists need them: that they are there, and until when. */
function forLists(entry: LogEntry): LogEntry {
  switch (entry.kind) {
    case 'plan':
      return { ...entry, days: entry.days.slice(0, 1).map((day) => ({ ...day, drills: [] })) };
    case 'practised':
      return { ...entry, entries: [] };
    default:
      return entry;
  }
}
