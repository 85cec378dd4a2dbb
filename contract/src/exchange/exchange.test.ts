import Papa from 'papaparse';
import fc from 'fast-check';
import type { Student } from '../student';
import { checkLines, checksFromTable, checksHead } from './checkRows';
import { dateOrderOf, readMoment } from './dates';
import { decodeText } from './decodeText';
import { STUDENT_COLUMNS, studentsCsv, studentsFromTable } from './studentRows';
import { readStudioFile } from './studioFile';
import { correctCells, numberIn, readTable, writeRows } from './table';

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

describe('tables (RFC 4180)', () => {
  it('keeps commas, quotes and line breaks inside quoted cells', () => {
    // The corner cases of the RFC's section 2: 5 (quoted or not), 6 (breaks, quotes, commas), 7 (doubled quotes), 2 (no last break).
    const { table, issues } = readTable('name,level\r\n"a ""b"", c","x\r\ny"\r\nplain,z');
    expect(issues).toEqual([]);
    expect(table.rows.map(({ cells }) => cells)).toEqual([
      { name: 'a "b", c', level: 'x\r\ny' },
      { name: 'plain', level: 'z' },
    ]);
  });

  it('gives back every table that it writes', () => {
    const cell = fc.string({ minLength: 1 }).filter((text) => text.trim() === text && text !== '');
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 8 }), (lines) => {
        const text = writeRows([['a', 'b'], ...lines]);
        const { table } = readTable(text.replace(/^\uFEFF/, ''));
        expect(table.rows.map(({ cells }) => [cells.a, cells.b])).toEqual(lines);
        // A second opinion on the writing.
        expect(Papa.parse<string[]>(text, { delimiter: ',' }).data.slice(1, -1)).toEqual(lines);
      }),
    );
  });

  it('takes semicolons with decimal commas, tabs, a byte-order mark and empty lines', () => {
    const { table } = readTable('\uFEFFname;value\n\nA;1,5\n;\nB;2\n');
    expect(table).toMatchObject({ decimalComma: true, columns: ['name', 'value'] });
    expect(table.rows.map(({ row }) => row)).toEqual([3, 5]);
    expect(numberIn('1,5', true)).toBe(1.5);
    expect(numberIn('−4', false)).toBe(-4);
    expect(numberIn('1,5', false)).toBeNaN();
    expect(readTable('a\tb\n1\t2').table.rows[0]!.cells).toEqual({ a: '1', b: '2' });
  });

  it('writes single cells anew and leaves the rest', () => {
    const text = 'name;value\r\n"a;b";1,5\r\n\r\nc;wrong';
    const corrected = correctCells(text, [{ row: 4, column: 'value', value: '2,5' }]);
    expect(readTable(corrected).table.rows.map(({ row, cells }) => [row, cells])).toEqual([
      [2, { name: 'a;b', value: '1,5' }],
      [4, { name: 'c', value: '2,5' }],
    ]);
    const wider = correctCells('name\na\nb', [{ row: 3, column: 'level', value: 'advanced' }]);
    expect(readTable(wider).table.rows.map(({ cells }) => cells)).toEqual([
      { name: 'a', level: '' },
      { name: 'b', level: 'advanced' },
    ]);
  });

  it('tells an open quote, cells beyond the head, columns that stand twice, and no rows, with the row', () => {
    expect(readTable('a,b\n"x,1\ny,2').issues[0]).toMatchObject({ row: 2 });
    expect(readTable('a,b\n1,2,3').issues).toEqual([
      { row: 2, column: 'column 3', problem: 'lies beyond the head', value: '3' },
    ]);
    expect(readTable('a,a\n1,2').issues[0]!.problem).toContain('two columns “a”');
    expect(readTable('a,b\n').issues[0]!.problem).toContain('no rows');
  });

  it('reads UTF-8 and marked UTF-16, and names the row of what is neither', () => {
    const latin1 = Uint8Array.from(
      [...'name\nAnna\nJ'].map((c) => c.charCodeAt(0)).concat(0xfc, 0x0a),
    );
    expect(decodeText(latin1).issue).toMatchObject({ row: 3 });
    const utf16 = Uint8Array.from([0xff, 0xfe, 0x4a, 0x00, 0xfc, 0x00]);
    expect(decodeText(utf16).text).toBe('Jü');
    expect(decodeText(new TextEncoder().encode('Jürgen ✓')).text).toBe('Jürgen ✓');
  });
});

describe('dates of tables', () => {
  const berlin = (cell: string) => readMoment(cell, 'dayFirst', 'Europe/Berlin');
  it.each([
    ['2026-11-26T16:00:00Z', '2026-11-26T16:00:00.000Z'],
    ['2026-11-26T16:00:00.250+01:00', '2026-11-26T15:00:00.250Z'],
    ['2026-11-26 16:00', '2026-11-26T15:00:00.000Z'],
    ['2026-07-26 16:00', '2026-07-26T14:00:00.000Z'],
    ['26.11.2026 16:00', '2026-11-26T15:00:00.000Z'],
    ['26/11/2026', '2026-11-26T11:00:00.000Z'],
    ['2026-02-30', null],
    ['2026-11-26 25:00', null],
    ['soon', null],
    ['26.11.26', null],
  ])('reads %s as %s', (cell, moment) => expect(berlin(cell)).toBe(moment));

  it('finds which number is the day where one is above twelve, and asks where none is', () => {
    expect(dateOrderOf(['03/04/2026', '25/04/2026'])).toBe('dayFirst');
    expect(dateOrderOf(['03/04/2026', '04/25/2026'])).toBe('monthFirst');
    expect(dateOrderOf(['03/04/2026'])).toBeNull();
    expect(dateOrderOf(['25/04/2026', '04/25/2026'])).toBe('both');
    expect(readMoment('03/04/2026', 'monthFirst', 'UTC')).toBe('2026-03-04T12:00:00.000Z');
  });
});

describe('the table of students', () => {
  it('gives back what it was written from', () => {
    expect(read(studentsCsv([STUDENT]))).toEqual({ students: [STUDENT], issues: [] });
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
    expect(issues.find(({ column }) => column === 'side')!.problem).toBe('is none of right, left');
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
    expect(readStudioFile('{').issues[0]!.problem).toContain('is not JSON');
    expect(file({ students: [{ ...STUDENT, side: 'both' }] }).issues).toMatchObject([
      { column: 'students[0].side' },
    ]);
    expect(file({ students: [STUDENT, STUDENT] }).issues).toMatchObject([
      { column: 'students[1].id', value: STUDENT.id },
    ]);
  });
});
