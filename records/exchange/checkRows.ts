import { HOLD_IDS, holdById, type Hold } from '@open-palm/core/holds';
import {
  findLookIssues,
  MEASURE_IDS,
  specOf,
  tapQuestion,
  type MeasureId,
} from '@open-palm/core/measure';
import { ofIssue, type ProblemCode } from '@open-palm/core/problem';
import {
  checkInputSchema,
  type Check,
  type CheckInput,
  type Setup,
  type Student,
} from '@open-palm/contract';
import { gripFacts, gripOf } from '../grip';
import { dateOrderOf, isSlashed, readMoment } from './dates';
import { cellIssue, fileIssue, type DateOrder, type RowIssue } from '@open-palm/contract/exchange';
import { schemaIssues } from './schemaIssues';
import { studentsByName } from './studentRows';
import { numberIn, writeRows, type Table, type TableRow } from './table';

/** The columns of the table of looks: one row for every checkpoint that a look tells of. */
export const CHECK_COLUMNS = [
  'check_id',
  'student_id',
  'student',
  'instrument_id',
  'instrument',
  'taken_at',
  'context',
  'hold',
  'bow_size',
  'measure',
  'place',
  'value',
  'sd',
  'unit',
  'verdict',
  'from_pictures',
] as const;

/** What is written for a checkpoint that was only told to be good. */
const FINE = 'fine';

/** A look's lines of the table, without the head. */
export function checkLines(
  check: Pick<Check, 'id' | 'studentId' | 'setupId' | 'takenAt' | 'context' | 'grip' | 'measures'>,
  student: string,
  instrument: string,
): (string | number | null)[][] {
  const { id, studentId, setupId, takenAt, context, grip, measures } = check;
  const look = [id, studentId, student, setupId, instrument, takenAt, context];
  return measures.map(({ measure, place, sources }) => [
    ...look,
    grip.holdId,
    grip.bowSize,
    measure.id,
    place,
    measure.kind === 'looked'
      ? FINE
      : measure.kind === 'category'
        ? measure.value
        : rounded(measure.value),
    measure.kind === 'number' ? shownSd(measure.sd) : null,
    measure.unit,
    measure.verdict,
    sources.some(({ capture, fitted }) => capture !== null || fitted !== undefined) ? 'yes' : 'no',
  ]);
}

/** The head line of the table of looks. */
export const checksHead = (): string => writeRows([CHECK_COLUMNS]);

/** A doubt however small is none of nought: that would not be read back. */
const shownSd = (sd: number): number | null => (sd > 0 ? Number(sd.toPrecision(4)) : null);

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** What reading a table of looks needs to know of the studio. */
export interface CheckContext {
  students: readonly Student[];
  /** The newest versions of the teacher's own holds. */
  holds: readonly Hold[];
  zone: string;
  /** Which number of 03/04/2026 is the day, if a person said so. */
  dateOrder: DateOrder | null;
  makeId: (key: string, atMs: number) => string;
  /** Told now and then how much of it is done, from 0 to 1. */
  onShare?: ((share: number) => void) | undefined;
}

export interface ReadCheck {
  id: string;
  input: CheckInput;
  /** Its first row. */
  row: number;
}

/**
 * Looks out of a table. Values become answers with their doubt; a look without an id is known by student, instrument, time and
 * context, so that the same table read twice is the same looks.
 *
 * @returns the looks, everything that is wrong, and whether it must be told which number of a date is the day
 */
export function checksFromTable(
  table: Table,
  context: CheckContext,
): { checks: ReadCheck[]; issues: RowIssue[]; asksDateOrder: boolean } {
  const issues: RowIssue[] = [];
  const order = orderIn(table, context.dateOrder, issues);
  const looks = new Map<string, LookDraft>();
  const known: KnownStudents = {
    byId: new Map(context.students.map((student) => [student.id, [student]])),
    byName: studentsByName(context.students),
  };
  for (const [i, row] of table.rows.entries()) {
    if (i % TOLD_EVERY === 0) context.onShare?.(i / table.rows.length / 2);
    const draft = draftOf(row, context, known, order ?? 'dayFirst', issues);
    if (!draft) continue;
    const begun = looks.get(draft.id);
    if (begun) differences(begun, draft, row, issues);
    const look = begun ?? draft;
    looks.set(look.id, look);
    const tap = tapOf(row, look, table.decimalComma, issues);
    if (!tap) continue;
    const key = `${tap.measure} ${tap.place ?? ''}`;
    const before = look.rowOf.get(key);
    if (before !== undefined) {
      const { measure = '' } = row.cells;
      const problem = { code: 'rowTwice', params: { of: 'look', row: before } } as const;
      issues.push(cellIssue(row.row, 'measure', problem, measure));
      continue;
    }
    look.rowOf.set(key, row.row);
    look.taps.push(tap);
  }
  const checks = [...looks.values()].flatMap((look, i) => {
    if (i % TOLD_EVERY === 0) context.onShare?.((1 + i / looks.size) / 2);
    return finished(look, issues) ?? [];
  });
  return { checks, issues, asksDateOrder: order === null };
}

/** How many rows or looks are read before it is told how far it is. */
const TOLD_EVERY = 200;

/** Whom the rows can be of. */
interface KnownStudents {
  byId: ReadonlyMap<string, Student[]>;
  byName: ReadonlyMap<string, Student[]>;
}

/** A look as its rows build it up. */
interface LookDraft {
  id: string;
  row: TableRow;
  student: Student;
  setup: Setup;
  hold: Hold;
  takenAt: string;
  taps: CheckInput['taps'];
  /** In which row each checkpoint stands. */
  rowOf: Map<string, number>;
}

function orderIn({ rows }: Table, chosen: DateOrder | null, issues: RowIssue[]): DateOrder | null {
  const dates = rows.map(({ cells }) => cells.taken_at ?? '').filter(isSlashed);
  if (dates.length === 0) return chosen ?? 'dayFirst';
  const shown = dateOrderOf(dates);
  if (shown === 'both') {
    issues.push(fileIssue({ code: 'mixedDates' }));
    return 'dayFirst';
  }
  if (shown === null && chosen === null) {
    const [first] = rows.filter(({ cells }) => isSlashed(cells.taken_at ?? ''));
    issues.push(cellIssue(first!.row, 'taken_at', { code: 'dateOrder' }, first!.cells.taken_at!));
    return null;
  }
  return shown ?? chosen;
}

function draftOf(
  row: TableRow,
  { holds, zone, makeId }: CheckContext,
  known: KnownStudents,
  order: DateOrder,
  issues: RowIssue[],
): LookDraft | null {
  const { cells } = row;
  const wrong = (column: string, code: ProblemCode) => {
    issues.push(cellIssue(row.row, column, { code }, cells[column] ?? ''));
    return null;
  };
  const named = cells.student_id
    ? (known.byId.get(cells.student_id) ?? [])
    : (known.byName.get((cells.student ?? '').toLowerCase()) ?? []);
  const by = cells.student_id ? 'student_id' : 'student';
  const [student] = named;
  if (!student) return wrong(by, 'noStudent');
  if (named.length > 1) return wrong(by, 'severalStudents');
  const setup = student.setups.find(({ id, instrument }) =>
    cells.instrument_id
      ? id === cells.instrument_id
      : instrument === (cells.instrument || student.setups[0]!.instrument).toLowerCase(),
  );
  if (!setup) {
    return wrong(cells.instrument_id ? 'instrument_id' : 'instrument', 'notTheirInstrument');
  }
  const holdId = cells.hold || setup.holdId;
  const hold = HOLD_IDS.includes(holdId) ? holdById(holdId) : holds.find(({ id }) => id === holdId);
  if (!hold) return wrong('hold', 'noHold');
  const takenAt = readMoment(cells.taken_at ?? '', order, zone);
  if (takenAt === null) return wrong('taken_at', 'noDate');
  const context = cells.context?.toLowerCase() || 'free';
  const key = `check ${student.id} ${setup.id} ${takenAt} ${context}`;
  const id = cells.check_id || makeId(key, Date.parse(takenAt));
  return { id, row, student, setup, hold, takenAt, taps: [], rowOf: new Map() };
}

/** Rows of one look must tell the same of the look: else one of them is another look under its id. */
function differences(known: LookDraft, draft: LookDraft, row: TableRow, issues: RowIssue[]): void {
  const problem = { code: 'otherLook', params: { row: known.row.row } } as const;
  const isOther =
    known.student.id !== draft.student.id ||
    known.setup.id !== draft.setup.id ||
    known.takenAt !== draft.takenAt ||
    (known.row.cells.context ?? '') !== (row.cells.context ?? '');
  if (isOther) issues.push(cellIssue(row.row, 'check_id', problem, row.cells.check_id ?? ''));
}

function tapOf(
  { row, cells }: TableRow,
  { hold }: LookDraft,
  decimalComma: boolean,
  issues: RowIssue[],
): CheckInput['taps'][number] | null {
  const wrong = (column: string, code: ProblemCode) => {
    issues.push(cellIssue(row, column, { code }, cells[column] ?? ''));
    return null;
  };
  const measure = MEASURE_IDS.find(
    (id) => id.toLowerCase() === (cells.measure ?? '').toLowerCase(),
  );
  if (!measure) return wrong('measure', 'noCheckpoint');
  const place = (cells.place?.toLowerCase() || undefined) as
    CheckInput['taps'][number]['place'] | undefined;
  const { value = '' } = cells;
  if (value === '') return wrong('value', 'valueNeeded');
  const at = place === undefined ? {} : { place };
  if (value.toLowerCase() === FINE) return { measure, answer: { kind: 'fine' }, ...at };
  if (specOf(measure).unit === 'category') {
    return { measure, answer: { kind: 'category', category: value }, ...at };
  }
  const number = numberIn(value, decimalComma)!;
  if (Number.isNaN(number)) return wrong('value', 'notANumber');
  const sd = numberIn(cells.sd, decimalComma) ?? eyeSd(measure, hold);
  if (!(sd > 0)) return wrong('sd', 'sdNeeded');
  return { measure, answer: { kind: 'value', value: number, sd }, ...at };
}

/** How well an eye tells a checkpoint, where the table says nothing. */
function eyeSd(measure: MeasureId, hold: Hold): number {
  const question = tapQuestion(measure, hold);
  return 'sd' in question ? question.sd : 0;
}

/** The look as the studio takes it, or what is wrong with it at its cells. */
function finished(look: LookDraft, issues: RowIssue[]): ReadCheck | null {
  const { id, row, student, setup, hold, takenAt, taps, rowOf } = look;
  if (taps.length === 0) return null;
  const bowSize = (row.cells.bow_size || setup.bowSize) as Setup['bowSize'];
  const settings = hold.id === setup.holdId ? setup.settings : {};
  const then = { ...setup, holdId: hold.id, bowSize, settings };
  const result = checkInputSchema.safeParse({
    studentId: student.id,
    setupId: setup.id,
    takenAt,
    context: row.cells.context?.toLowerCase() || 'free',
    grip: gripOf(student, then, hold, null),
    captures: [],
    taps,
  });
  const rowAt = (tap: number): number => [...rowOf.values()][tap] ?? row.row;
  if (!result.success) {
    issues.push(...schemaIssues(result.error, row, rowAt));
    return null;
  }
  const { hold: adapted } = gripFacts(result.data.grip, hold, null);
  const wrong = findLookIssues(result.data, adapted);
  for (const issue of wrong) {
    const tap = Number(/^taps\[(\d+)]/.exec(issue.where)?.[1] ?? 0);
    const { measure, answer } = taps[tap]!;
    const value =
      'value' in answer ? String(answer.value) : 'category' in answer ? answer.category : FINE;
    issues.push(cellIssue(rowAt(tap), 'value', ofIssue({ ...issue, where: measure }), value));
  }
  return wrong.length > 0 ? null : { id, input: result.data, row: row.row };
}
