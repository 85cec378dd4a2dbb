import type { Knex } from 'knex';
import type { CheckSummary, DatedMeasure, Student } from '@open-palm/contract';
import type { GripContacts } from '@open-palm/core/measure';

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
  age: number;
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
  const ranked = db('measures')
    .join('checks', 'checks.id', 'measures.check_id')
    .select(
      'checks.student_id',
      'measures.check_id',
      'checks.taken_at',
      'checks.context',
      'measures.value_json',
      db.raw(
        `row_number() over (partition by checks.student_id, measures.measure_id
          order by checks.taken_at desc, checks.id desc) as age`,
      ),
    )
    .modify((query) => {
      if (studentId !== undefined) void query.where('checks.student_id', studentId);
    });
  const rows: DatedMeasureRow[] = await db
    .from(ranked.as('ranked'))
    .where('age', '<=', depth)
    .orderBy('age');
  const byStudent = new Map<string, DatedMeasure[]>();
  for (const row of rows) {
    const list = byStudent.get(row.student_id) ?? [];
    const { check_id: checkId, taken_at: takenAt, context } = row;
    list.push({ checkId, takenAt, context, measure: JSON.parse(row.value_json) });
    byStudent.set(row.student_id, list);
  }
  return byStudent;
}

/** Contacts of the newest checks of one student or of all, newest first, with when they were seen. */
export async function newestContacts(
  db: Knex,
  depth: number,
  studentId?: string,
): Promise<Map<string, { takenAt: string; contacts: GripContacts }[]>> {
  const ranked = db('checks')
    .select(
      'student_id',
      'taken_at',
      'contacts_json',
      db.raw('row_number() over (partition by student_id order by taken_at desc, id desc) as age'),
    )
    .modify((query) => {
      if (studentId !== undefined) void query.where('student_id', studentId);
    });
  const rows = await db.from(ranked.as('ranked')).where('age', '<=', depth).orderBy('age');
  const byStudent = new Map<string, { takenAt: string; contacts: GripContacts }[]>();
  for (const row of rows) {
    const list = byStudent.get(row.student_id) ?? [];
    list.push({ takenAt: row.taken_at, contacts: JSON.parse(row.contacts_json) });
    byStudent.set(row.student_id, list);
  }
  return byStudent;
}
