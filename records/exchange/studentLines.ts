import type { Group, Student } from '@open-palm/contract';
import { seatCell } from './groupCells';
import { writeRows } from './table';

/** The columns of the table of students: one row for every instrument of a student. */
export const STUDENT_COLUMNS = [
  'student_id',
  'name',
  'side',
  'birth_year',
  'level',
  'middle_finger_mm',
  'skin_tone',
  'lesson_day',
  'lesson_time',
  'time_zone',
  'photos',
  'bands',
  'audits',
  'instrument_id',
  'instrument',
  'bow_size',
  'hold',
  'frog_length_mm',
  'bow_mass_g',
  'bow_balance_mm',
  'settings',
  'group',
  'seat',
] as const;

/** Students as a table, with the head, and the groups that they play in. */
export const studentsCsv = (
  students: readonly Student[],
  groups: readonly Pick<Group, 'name' | 'members'>[] = [],
): string =>
  writeRows([STUDENT_COLUMNS, ...students.flatMap((student) => studentLines(student, groups))]);

const studentLines = (student: Student, groups: readonly Pick<Group, 'name' | 'members'>[]) =>
  student.setups.map((setup) => [
    student.id,
    student.name,
    student.side,
    student.birthYear,
    student.level,
    student.middleFingerMm,
    student.skinTone,
    student.lesson?.day ?? null,
    student.lesson?.at ?? null,
    student.lesson?.timeZone ?? null,
    student.photos,
    student.bands,
    student.audits ? 'yes' : 'no',
    setup.id,
    setup.instrument,
    setup.bowSize,
    setup.holdId,
    setup.frogLengthMm,
    setup.bowMassG,
    setup.bowBalanceMm,
    Object.entries(setup.settings)
      .map(([id, option]) => `${id}=${option}`)
      .join('; '),
    ...groupCells(student.id, setup.id, groups),
  ]);

/** The groups in which a student plays this instrument, and the seats in the same order. */
function groupCells(
  studentId: string,
  setupId: string,
  groups: readonly Pick<Group, 'name' | 'members'>[],
): [groups: string, seats: string] {
  const playing = groups.flatMap(({ name, members }) => {
    const member = members[studentId];
    return member?.setupId === setupId ? [{ name, seat: seatCell(member.seat) }] : [];
  });
  return [
    playing.map(({ name }) => name).join('; '),
    playing.some(({ seat }) => seat !== '') ? playing.map(({ seat }) => seat).join('; ') : '',
  ];
}
