import type { Knex } from 'knex';
import { readRows, type LeftOut } from '../../db/readRows';
import type { KeptStudent, Setup, Student } from '@open-palm/contract';

interface StudentRow {
  id: string;
  name: string;
  side: string;
  birth_year: number | null;
  middle_finger_mm: number | null;
  skin_tone: string;
  level: string;
  lesson_json: string | null;
  photos: string;
  bands: string;
  audits: number;
  version: number;
  created_at: string;
}

interface SetupRow {
  id: string;
  student_id: string;
  position: number | null;
  instrument: string;
  bow_size: string;
  frog_length_mm: number | null;
  bow_mass_g: number | null;
  bow_balance_mm: number | null;
  hold_id: string;
  settings_json: string;
}

const setupOf = (row: SetupRow): Setup => ({
  id: row.id,
  instrument: row.instrument as Setup['instrument'],
  bowSize: row.bow_size as Setup['bowSize'],
  frogLengthMm: row.frog_length_mm,
  bowMassG: row.bow_mass_g,
  bowBalanceMm: row.bow_balance_mm,
  holdId: row.hold_id,
  settings: JSON.parse(row.settings_json),
});

const studentOf = (row: StudentRow, setups: readonly SetupRow[]): KeptStudent => ({
  id: row.id,
  version: row.version,
  name: row.name,
  side: row.side as Student['side'],
  birthYear: row.birth_year,
  middleFingerMm: row.middle_finger_mm,
  skinTone: row.skin_tone as Student['skinTone'],
  level: row.level as Student['level'],
  lesson: row.lesson_json === null ? null : JSON.parse(row.lesson_json),
  photos: row.photos as Student['photos'],
  bands: row.bands as Student['bands'],
  audits: row.audits === 1,
  setups: setups.filter(({ student_id }) => student_id === row.id).map(setupOf),
});

/**
 * Adds a student or changes what is written down of one, inside a transaction of the caller's. A setup that is no longer in the list
 * stays for its checks.
 *
 * @returns false when one of the setups belongs to another student; then nothing was changed
 */
export async function putStudent(
  trx: Knex,
  student: Student,
  version: number,
  createdAt: string,
): Promise<boolean> {
  const foreign = await trx<SetupRow>('setups')
    .whereIn(
      'id',
      student.setups.map(({ id }) => id),
    )
    .whereNot({ student_id: student.id })
    .first('id');
  if (foreign) return false;
  const row = {
    version,
    name: student.name,
    side: student.side,
    birth_year: student.birthYear,
    middle_finger_mm: student.middleFingerMm,
    skin_tone: student.skinTone,
    level: student.level,
    lesson_json: student.lesson && JSON.stringify(student.lesson),
    photos: student.photos,
    bands: student.bands,
    audits: student.audits ? 1 : 0,
  };
  await trx<StudentRow>('students')
    .insert({ id: student.id, created_at: createdAt, ...row })
    .onConflict('id')
    .merge(row);
  await trx<SetupRow>('setups').where({ student_id: student.id }).update({ position: null });
  for (const [position, setup] of student.setups.entries()) {
    const setupRow = {
      position,
      instrument: setup.instrument,
      bow_size: setup.bowSize,
      frog_length_mm: setup.frogLengthMm,
      bow_mass_g: setup.bowMassG,
      bow_balance_mm: setup.bowBalanceMm,
      hold_id: setup.holdId,
      settings_json: JSON.stringify(setup.settings),
    };
    await trx<SetupRow>('setups')
      .insert({ id: setup.id, student_id: student.id, ...setupRow })
      .onConflict('id')
      .merge(setupRow);
  }
  return true;
}

const setupRows = (db: Knex) =>
  db<SetupRow>('setups').whereNotNull('position').orderBy(['student_id', 'position']);

export async function findStudent(db: Knex, id: string): Promise<KeptStudent | undefined> {
  const row = await db<StudentRow>('students').where({ id }).first();
  return row && studentOf(row, await setupRows(db).where({ student_id: id }));
}

/** An instrument of a student, of now or of earlier: a walk may have come past before it was given up. */
export async function findSetup(
  db: Knex,
  studentId: string,
  id: string,
): Promise<Setup | undefined> {
  const row = await db<SetupRow>('setups').where({ id, student_id: studentId }).first();
  return row && setupOf(row);
}

export async function allStudents(db: Knex, leftOut?: LeftOut): Promise<KeptStudent[]> {
  const rows = await db<StudentRow>('students').orderByRaw('name COLLATE NOCASE, id');
  const setups = new Map<string, SetupRow[]>();
  for (const row of await setupRows(db)) {
    setups.set(row.student_id, [...(setups.get(row.student_id) ?? []), row]);
  }
  return readRows(rows, (row) => studentOf(row, setups.get(row.id) ?? []), leftOut);
}
