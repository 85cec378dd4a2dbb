import type { Student } from '@open-palm/contract';
import { checkLines, checksFromTable, checksHead } from './checkRows';
import { STUDENT_COLUMNS, studentsCsv } from './studentLines';
import { studentsFromTable } from './studentRows';
import { readStudioFile } from '@open-palm/contract/exchange';
import { readTable, writeRows } from './table';

let made = 0;
const ids = new Map<string, string>();
/** An id as the studio would make it: always the same for a key. */
function makeId(key: string): string {
  const known = ids.get(key);
  if (known !== undefined) return known;
  const id = `00000000-0000-7000-8000-${String((made += 1)).padStart(12, '0')}`;
  ids.set(key, id);
  return id;
}

const STUDENT: Student = {
  id: makeId('wilma'),
  name: 'Wilma "Bill" Harrow, jr.',
  side: 'left',
  birthYear: 2014,
  middleFingerMm: 86.5,
  skinTone: 'umber',
  level: 'intermediate',
  lesson: { day: 'wednesday', at: '09:05', timeZone: 'Europe/Berlin' },
  photos: 'withheld',
  bands: 'on',
  audits: true,
  setups: [
    {
      id: makeId('cello'),
      instrument: 'cello',
      bowSize: '3/4',
      frogLengthMm: 50,
      bowMassG: 76.5,
      bowBalanceMm: null,
      holdId: 'cello',
      settings: { thumbOpposes: 'middle' },
    },
  ],
};
const context = { students: [] as Student[], zone: 'Europe/Berlin', makeId };
const read = (text: string, known: Student[] = []) => {
  const { table, issues } = readTable(text);
  const found = studentsFromTable(table, { ...context, students: known });
  return { ...found, issues: [...issues, ...found.issues] };
};

describe('the table of students', () => {
  it('gives back what it was written from', () => {
    expect(read(studentsCsv([STUDENT]))).toMatchObject({ students: [STUDENT], issues: [] });
  });

  it('needs no more than a name, knows a student by it, and leaves alone what it does not tell', () => {
    const { students } = read('name,instrument\nNew Person,viola');
    expect(students[0]).toMatchObject({
      name: 'New Person',
      setups: [{ instrument: 'viola', bowSize: '4/4' }],
    });
    expect(read('name,instrument\nNew Person,viola').students).toEqual(students);
    const [changed] = read('name;middle_finger_mm\nwilma "bill" harrow, jr.;88,5', [
      STUDENT,
    ]).students;
    expect(changed).toEqual({ ...STUDENT, name: 'wilma "bill" harrow, jr.', middleFingerMm: 88.5 });
  });

  it('keeps instruments together: one row each', () => {
    const text = 'name,instrument,bow_size\nA,violin,1/2\nA,viola,';
    expect(read(text).students).toMatchObject([
      { name: 'A', setups: [{ instrument: 'violin', bowSize: '1/2' }, { instrument: 'viola' }] },
    ]);
    expect(read('name,instrument\nA,violin\nA,violin').issues).toMatchObject([
      { row: 3, column: 'instrument', value: 'violin' },
    ]);
  });

  it('says row and column of everything that is wrong, and what stands there', () => {
    const text = `${STUDENT_COLUMNS.slice(1, 6).join(',')},bow_size,lesson_day,lesson_time
A,right,1850,beginner,90,4/4,,
B,middle,,expert,900,5/4,monday,26:00
,,,,,,,`;
    const { issues } = read(text);
    expect(issues.find(({ column }) => column === 'side')!.problem).toEqual({
      code: 'notOneOf',
      params: { known: 'right, left' },
    });
    expect(issues.map(({ row, column, value }) => [row, column, value])).toEqual([
      [2, 'birth_year', '1850'],
      [3, 'side', 'middle'],
      [3, 'middle_finger_mm', '900'],
      [3, 'level', 'expert'],
      [3, 'lesson_time', '26:00'],
      [3, 'bow_size', '5/4'],
    ]);
  });

  it('tells two students under one id', () => {
    const { id } = STUDENT;
    expect(read(`student_id,name\n${id},A\n${id},B`).issues).toMatchObject([
      { row: 3, column: 'student_id', value: id },
    ]);
  });
});

describe('the table of looks', () => {
  const looks = (text: string, dateOrder: 'dayFirst' | 'monthFirst' | null = null) => {
    const { table, issues } = readTable(text);
    const found = checksFromTable(table, {
      students: [STUDENT],
      holds: [],
      zone: 'Europe/Berlin',
      dateOrder,
      makeId,
    });
    return { ...found, issues: [...issues, ...found.issues] };
  };
  const HEAD = 'student,taken_at,context,measure,value,sd';
  const row = (...cells: string[]) => `"Wilma ""Bill"" Harrow, jr.",${cells.join(',')}`;

  it('makes one look of rows that tell of the same, always under the same id', () => {
    const text = [
      HEAD,
      row('2026-11-26 16:00', 'free', 'thumbIpFlexion', '22', '5'),
      row('2026-11-26 16:00', 'free', 'littlePlace', 'over', ''),
      row('2026-11-26 16:00', 'free', 'handLean', 'fine', ''),
      row('2026-11-26 16:00', 'free', 'thumbContact', 'tip', ''),
      row('2026-11-19 16:00', 'free', 'indexDepth', '1.4', ''),
    ].join('\n');
    const { checks, issues } = looks(text);
    expect(issues).toEqual([]);
    expect(checks.map(({ input }) => input.taps.length)).toEqual([4, 1]);
    expect(checks[0]!.input).toMatchObject({
      takenAt: '2026-11-26T15:00:00.000Z',
      grip: { holdId: 'cello', bowSize: '3/4', settings: { thumbOpposes: 'middle' } },
    });
    // How well an eye tells a depth, where the table says nothing.
    expect(checks[1]!.input.taps[0]!.answer).toMatchObject({ value: 1.4, sd: 0.15 });
    expect(looks(text).checks).toEqual(checks);
  });

  it('says row and column of everything that is wrong', () => {
    const text = [
      HEAD,
      'Nobody,2026-11-26,free,thumbIpFlexion,22,5',
      row('soon', 'free', 'thumbIpFlexion', '22', '5'),
      row('2026-11-26', 'upside-down', 'thumbIpFlexion', '22', '5'),
      row('2026-11-25', 'free', 'thumbColour', '22', '5'),
      row('2026-11-24', 'free', 'thumbIpFlexion', 'bent', '5'),
      row('2026-11-23', 'free', 'thumbIpFlexion', '22', '-5'),
      row('2026-11-22', 'free', 'littlePlace', 'sideways', ''),
      row('2026-11-21', 'free', 'thumbIpFlexion', '22', '5'),
      row('2026-11-21', 'free', 'thumbIpFlexion', '24', '5'),
    ].join('\n');
    expect(
      looks(text)
        .issues.map(({ row: at, column, value }) => [at, column, value])
        .sort(),
    ).toEqual([
      [10, 'measure', 'thumbIpFlexion'],
      [2, 'student', 'Nobody'],
      [3, 'taken_at', 'soon'],
      [4, 'context', 'upside-down'],
      [5, 'measure', 'thumbColour'],
      [6, 'value', 'bent'],
      [7, 'sd', '-5'],
      [8, 'value', 'sideways'],
    ]);
  });

  it('tells two looks under one id', () => {
    const id = makeId('a look');
    const text = [
      `check_id,${HEAD}`,
      `${id},${row('2026-11-26', 'free', 'thumbIpFlexion', '22', '5')}`,
      `${id},${row('2026-11-27', 'free', 'indexDepth', '1', '')}`,
    ].join('\n');
    expect(looks(text).issues).toMatchObject([{ row: 3, column: 'check_id', value: id }]);
  });

  it('asks which number is the day only where nothing tells', () => {
    const text = [HEAD, row('03/04/2026', 'free', 'thumbIpFlexion', '22', '5')].join('\n');
    expect(looks(text)).toMatchObject({ asksDateOrder: true, issues: [{ row: 2 }] });
    const told = looks(text, 'monthFirst');
    expect(told).toMatchObject({ asksDateOrder: false, issues: [] });
    expect(told.checks[0]!.input.takenAt).toBe('2026-03-04T11:00:00.000Z');
  });

  it('is written with doubts that are read back, however small', () => {
    const number = (sd: number) => ({
      measure: { kind: 'number', id: 'thumbOpposition', value: 0.1, sd, unit: 'u', verdict: 'in' },
      place: null,
      sources: [{ capture: 0 }],
    });
    const check = {
      id: makeId('written'),
      studentId: STUDENT.id,
      setupId: STUDENT.setups[0]!.id,
      takenAt: '2026-11-26T15:00:00.000Z',
      context: 'free',
      grip: { holdId: 'cello', bowSize: '3/4' },
      measures: [number(0.00012345), number(0)],
    };
    const lines = checkLines(check as never, STUDENT.name, 'cello');
    expect(lines.map((line) => line[12])).toEqual([0.0001234, null]);
    const { checks, issues } = looks(checksHead() + writeRows(lines.slice(0, 1)));
    expect(issues).toEqual([]);
    expect(checks[0]!.input.taps[0]!.answer).toMatchObject({ value: 0.1, sd: 0.0001234 });
  });

  it('has a head of its own', () => expect(checksHead()).toMatch(/^check_id,.*from_pictures\r\n$/));
});

describe('the studio file', () => {
  const file = (more: object) =>
    readStudioFile(
      JSON.stringify({ format: 'open-palm-studio', version: 1, students: [STUDENT], ...more }),
    );
  it('is read whole, or tells where it is wrong', () => {
    expect(file({}).file!.students).toEqual([STUDENT]);
    expect(readStudioFile('{').issues[0]!.problem.code).toBe('notJson');
    expect(file({ students: [{ ...STUDENT, side: 'both' }] }).issues).toMatchObject([
      { column: 'students[0].side' },
    ]);
    expect(file({ students: [STUDENT, STUDENT] }).issues).toMatchObject([
      { column: 'students[1].id', value: STUDENT.id },
    ]);
  });
});
