import type { Knex } from 'knex';
import type { CheckSummary, DatedMeasure, Student } from '@open-palm/contract';
import { MEASURE_IDS, type GripContacts } from '@open-palm/core/measure';

interface StudentRow {
  id: string;
  name: string;
  instrument: string;
  hold_id: string;
  side: string;
  birth_year: number | null;
  frog_length_mm: number | null;
  skin_tone: string;
  created_at: string;
}

interface DatedMeasureRow {
  student_id: string;
  check_id: string;
  taken_at: string;
  context: DatedMeasure['context'];
  value_json: string;
}

const studentOf = (row: StudentRow): Student => ({
  id: row.id,
  name: row.name,
  instrument: row.instrument as Student['instrument'],
  holdId: row.hold_id,
  side: row.side as Student['side'],
  birthYear: row.birth_year,
  frogLengthMm: row.frog_length_mm,
  skinTone: row.skin_tone as Student['skinTone'],
});

/** Adds a student or changes what is written down of one. */
export async function putStudent(db: Knex, student: Student, createdAt: string): Promise<void> {
  const row = {
    name: student.name,
    instrument: student.instrument,
    hold_id: student.holdId,
    side: student.side,
    birth_year: student.birthYear,
    frog_length_mm: student.frogLengthMm,
    skin_tone: student.skinTone,
  };
  await db<StudentRow>('students')
    .insert({ id: student.id, created_at: createdAt, ...row })
    .onConflict('id')
    .merge(row);
}

export async function findStudent(db: Knex, id: string): Promise<Student | undefined> {
  const row = await db<StudentRow>('students').where({ id }).first();
  return row && studentOf(row);
}

export async function allStudents(db: Knex): Promise<Student[]> {
  const rows = await db<StudentRow>('students').orderByRaw('name COLLATE NOCASE, id');
  return rows.map(studentOf);
}

/** A student's checks, newest first. */
export async function checkSummaries(db: Knex, studentId: string): Promise<CheckSummary[]> {
  const rows = await db('checks')
    .join('captures', 'captures.check_id', 'checks.id')
    .where('checks.student_id', studentId)
    .orderBy([
      { column: 'checks.taken_at', order: 'desc' },
      { column: 'checks.id', order: 'desc' },
    ])
    .select('checks.id', 'taken_at', 'context', 'view', 'picture_id', 'standings_json');
  return rows.map((row) => ({
    id: row.id,
    takenAt: row.taken_at,
    context: row.context,
    view: row.view,
    pictureId: row.picture_id,
    standings: JSON.parse(row.standings_json),
  }));
}

/** The newest values of every measure of one student or of all, `depth` of each, newest first. */
export async function newestMeasures(
  db: Knex,
  depth: number,
  studentId?: string,
): Promise<Map<string, DatedMeasure[]>> {
  // One short walk in the index for each student and measure, however long the history is.
  const rows: DatedMeasureRow[] = await db.raw(
    `select m.student_id, m.check_id, m.taken_at, c.context, m.value_json
     from students s
     join json_each(?) k
     join measures m on m.rowid in (
       select n.rowid from measures n where n.student_id = s.id and n.measure_id = k.value
       order by n.taken_at desc, n.check_id desc limit ?)
     join checks c on c.id = m.check_id
     where s.id = coalesce(?, s.id)
     order by m.taken_at desc, m.check_id desc`,
    [JSON.stringify(MEASURE_IDS), depth, studentId ?? null],
  );
  return byStudent(rows, ({ check_id: checkId, taken_at: takenAt, context, value_json }) => ({
    checkId,
    takenAt,
    context,
    measure: JSON.parse(value_json),
  }));
}

export interface DatedContacts {
  takenAt: string;
  contacts: GripContacts;
}

/** Contacts of the newest checks of one student or of all, `depth` of each, newest first. */
export async function newestContacts(
  db: Knex,
  depth: number,
  studentId?: string,
): Promise<Map<string, DatedContacts[]>> {
  const rows: { student_id: string; taken_at: string; contacts_json: string }[] = await db.raw(
    `select c.student_id, c.taken_at, c.contacts_json
     from students s
     join checks c on c.rowid in (
       select n.rowid from checks n where n.student_id = s.id
       order by n.taken_at desc, n.id desc limit ?)
     where s.id = coalesce(?, s.id)
     order by c.taken_at desc, c.id desc`,
    [depth, studentId ?? null],
  );
  return byStudent(rows, ({ taken_at: takenAt, contacts_json }) => ({
    takenAt,
    contacts: JSON.parse(contacts_json),
  }));
}

function byStudent<Row extends { student_id: string }, T>(
  rows: readonly Row[],
  read: (row: Row) => T,
): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const row of rows) {
    const list = found.get(row.student_id) ?? [];
    list.push(read(row));
    found.set(row.student_id, list);
  }
  return found;
}
