import { z } from 'zod';
import { holdsFor } from '@open-palm/core/holds';
import {
  lessonSchema,
  MOST_SETUPS,
  schemaProblem,
  studentSchema,
  type Setup,
  type Student,
} from '@open-palm/contract';
import { cellIssue, type RowIssue } from '@open-palm/contract/exchange';
import type { GroupRow } from './groupCells';
import { numberIn, type Table, type TableRow } from './table';

/** What reading a table needs to know of the studio. */
export interface StudentContext {
  students: readonly Student[];
  /** The time zone of a lesson that names none. */
  zone: string;
  /** An id for what has none in the table, always the same for the same key. */
  makeId: (key: string) => string;
  /** Told now and then how much of it is done, from 0 to 1. */
  onShare?: ((share: number) => void) | undefined;
}

/** Which column tells of which field, for saying where something is wrong. */
const COLUMN_OF: Readonly<Record<string, string>> = {
  id: 'student_id',
  birthYear: 'birth_year',
  middleFingerMm: 'middle_finger_mm',
  skinTone: 'skin_tone',
  day: 'lesson_day',
  at: 'lesson_time',
  timeZone: 'time_zone',
  bowSize: 'bow_size',
  holdId: 'hold',
  frogLengthMm: 'frog_length_mm',
  bowMassG: 'bow_mass_g',
  bowBalanceMm: 'bow_balance_mm',
};

/**
 * Students out of a table. A student is known by the id, or by the name where a row has none; columns that are not there, and
 * empty cells, leave what is known as it is. Instruments that are not in the table stay. Beside the students it tells which row is whose, for the
 * groups that they play in.
 */
export function studentsFromTable(
  { rows, decimalComma }: Table,
  context: StudentContext,
): { students: Student[]; playing: GroupRow[]; issues: RowIssue[] } {
  const issues: RowIssue[] = [];
  const students: Student[] = [];
  const playing: GroupRow[] = [];
  const there = new Map(context.students.map((student) => [student.id, student]));
  const groups = groupRows(rows, context, issues);
  let done = 0;
  for (const [id, group] of groups) {
    if (done % TOLD_EVERY === 0) context.onShare?.(done / groups.size);
    done += 1;
    const known = there.get(id);
    const [first] = group as [TableRow, ...TableRow[]];
    const setups = [...(known?.setups ?? [])];
    const rowOfSetup = new Map<string, TableRow>();
    for (const row of group) {
      if (!isSameStudent(first, row, issues)) continue;
      const setup = setupOf(row, setups, id, decimalComma, context);
      if (rowOfSetup.has(setup.id)) {
        const where = rowOfSetup.get(setup.id)!.row;
        const { column, value } = setupCell(row);
        const problem = { code: 'rowTwice', params: { of: 'student', row: where } } as const;
        issues.push(cellIssue(row.row, column, problem, value));
      }
      rowOfSetup.set(setup.id, row);
      playing.push({ row, studentId: id, setupId: setup.id });
      const at = setups.findIndex((one) => one.id === setup.id);
      setups.splice(at < 0 ? setups.length : at, at < 0 ? 0 : 1, setup);
      // What is too many is told once, however many more there are.
      if (setups.length > MOST_SETUPS) break;
    }
    const draft = { ...studentFields(first, known, decimalComma, context.zone), id, setups };
    const result = studentSchema.safeParse(draft);
    if (result.success) students.push(result.data);
    else issues.push(...fieldIssues(result.error, first, rowOfSetup, setups));
  }
  return { students, playing, issues };
}

/** How many students are read before it is told how far it is. */
const TOLD_EVERY = 200;

/** Rows by the student that they are of, in the table's order. */
function groupRows(
  rows: readonly TableRow[],
  { students, makeId }: StudentContext,
  issues: RowIssue[],
): Map<string, TableRow[]> {
  const groups = new Map<string, TableRow[]>();
  const byName = studentsByName(students);
  for (const row of rows) {
    const { student_id: id = '', name = '' } = row.cells;
    const named = byName.get(name.toLowerCase()) ?? [];
    if (id === '' && name === '') {
      issues.push(cellIssue(row.row, 'name', { code: 'nameNeeded' }, ''));
      continue;
    }
    if (id === '' && named.length > 1) {
      issues.push(cellIssue(row.row, 'name', { code: 'severalStudents' }, name));
      continue;
    }
    const key = id || (named[0]?.id ?? makeId(`student ${name.toLowerCase()}`));
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}

/** Students by their name as it is compared: without regard to capitals. */
export function studentsByName(students: readonly Student[]): ReadonlyMap<string, Student[]> {
  const byName = new Map<string, Student[]>();
  for (const student of students) {
    const name = student.name.toLowerCase();
    const named = byName.get(name);
    if (named) named.push(student);
    else byName.set(name, [student]);
  }
  return byName;
}

const sameName = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/** Two rows of one student must tell the same of the student: else one of them is somebody else's. */
function isSameStudent(first: TableRow, row: TableRow, issues: RowIssue[]): boolean {
  const { name } = row.cells;
  if (name === undefined || name === '' || sameName(name, first.cells.name ?? name)) return true;
  const problem = {
    code: 'otherStudent',
    params: { name: first.cells.name ?? '', row: first.row },
  } as const;
  issues.push(cellIssue(row.row, 'student_id', problem, row.cells.student_id ?? ''));
  return false;
}

function studentFields(
  { cells }: TableRow,
  known: Student | undefined,
  decimalComma: boolean,
  zone: string,
): Omit<Record<keyof Student, unknown>, 'id' | 'setups'> {
  const number = (cell: string | undefined) => numberIn(cell, decimalComma);
  return {
    name: cells.name || known?.name,
    side: cells.side?.toLowerCase() || (known?.side ?? 'right'),
    birthYear: number(cells.birth_year) ?? known?.birthYear ?? null,
    level: cells.level?.toLowerCase() || (known?.level ?? 'beginner'),
    middleFingerMm: number(cells.middle_finger_mm) ?? known?.middleFingerMm ?? null,
    skinTone: cells.skin_tone?.toLowerCase() || (known?.skinTone ?? 'clay'),
    lesson: lessonOf(cells, known, zone),
    photos: cells.photos?.toLowerCase() || (known?.photos ?? 'allowed'),
    bands: cells.bands?.toLowerCase() || (known?.bands ?? 'on'),
    audits: yesNo(cells.audits) ?? known?.audits ?? false,
  };
}

const yesNo = (cell: string | undefined): unknown => {
  if (cell === undefined || cell === '') return undefined;
  return { yes: true, no: false }[cell.toLowerCase()] ?? cell;
};

function lessonOf(
  { lesson_day: day, lesson_time: at, time_zone: timeZone }: TableRow['cells'],
  known: Student | undefined,
  zone: string,
): unknown {
  if (!day && !at) return known?.lesson ?? null;
  return {
    day: day?.toLowerCase() || known?.lesson?.day,
    // A spreadsheet writes 9:05 where 09:05 is meant.
    at: (at || known?.lesson?.at || '').padStart(5, '0'),
    timeZone: timeZone || (known?.lesson?.timeZone ?? zone),
  } satisfies Record<keyof z.infer<typeof lessonSchema>, unknown>;
}

/** The instrument of a row, over what is known of it. */
function setupOf(
  { cells }: TableRow,
  setups: readonly Setup[],
  studentId: string,
  decimalComma: boolean,
  { makeId }: StudentContext,
): Setup {
  const number = (cell: string | undefined) => numberIn(cell, decimalComma);
  const named = cells.instrument?.toLowerCase();
  const known = cells.instrument_id
    ? setups.find(({ id }) => id === cells.instrument_id)
    : setups.find(({ instrument }) => instrument === (named || setups[0]?.instrument));
  const instrument = (named || (known?.instrument ?? 'violin')) as Setup['instrument'];
  return {
    id: cells.instrument_id || (known?.id ?? makeId(`instrument ${studentId} ${instrument}`)),
    instrument,
    bowSize: (cells.bow_size || (known?.bowSize ?? '4/4')) as Setup['bowSize'],
    frogLengthMm: number(cells.frog_length_mm) ?? known?.frogLengthMm ?? null,
    bowMassG: number(cells.bow_mass_g) ?? known?.bowMassG ?? null,
    bowBalanceMm: number(cells.bow_balance_mm) ?? known?.bowBalanceMm ?? null,
    holdId: cells.hold || (known?.holdId ?? holdsFor(instrument)[0]?.id ?? ''),
    settings: settingsOf(cells.settings) ?? known?.settings ?? {},
  };
}

const setupCell = ({ cells }: TableRow): { column: string; value: string } =>
  cells.instrument_id
    ? { column: 'instrument_id', value: cells.instrument_id }
    : { column: 'instrument', value: cells.instrument ?? '' };

function settingsOf(cell: string | undefined): Setup['settings'] | undefined {
  if (!cell) return undefined;
  return Object.fromEntries(
    cell.split(';').map((pair) => {
      const [id, option] = pair.split('=');
      return [id!.trim(), (option ?? '').trim()];
    }),
  );
}

/** What the schema finds wrong, at the cells that it comes from. */
function fieldIssues(
  error: z.ZodError,
  first: TableRow,
  rowOfSetup: ReadonlyMap<string, TableRow>,
  setups: readonly Setup[],
): RowIssue[] {
  return error.issues.flatMap((issue): RowIssue[] => {
    const { path } = issue;
    const row =
      path[0] === 'setups' ? (rowOfSetup.get(setups[Number(path[1])]?.id ?? '') ?? first) : first;
    const field = String(path.findLast((part) => typeof part === 'string') ?? '');
    const isSetupId = path[0] === 'setups' && field === 'id';
    const column = isSetupId ? 'instrument_id' : (COLUMN_OF[field] ?? field);
    const value = row.cells[column] ?? '';
    // What was filled in for an empty cell is wrong only because of another one, which is told.
    const isGuess = value === '' && path[0] === 'setups' && error.issues.length > 1;
    return isGuess ? [] : [cellIssue(row.row, column, schemaProblem(issue), value)];
  });
}
