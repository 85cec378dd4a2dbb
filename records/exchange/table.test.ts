import Papa from 'papaparse';
import fc from 'fast-check';
import { fileIssue } from '@open-palm/contract/exchange';
import { dateOrderOf, readMoment } from './dates';
import { decodeText } from './decodeText';
import { correctCells, numberIn, readTable, writeRows } from './table';

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
        // A second opinion on the writing: the same, but for the apostrophe before what would be a formula.
        const read = Papa.parse<string[]>(text, { delimiter: ',' }).data.slice(1, -1);
        expect(
          read.map((line) => line.map((one) => one.replace(/^'(?='*[=+\-@＝＋－＠])/, ''))),
        ).toEqual(lines);
      }),
    );
  });

  it.each(['=HYPERLINK("http://x","see")', '+1', '-2+3', '@SUM(A1)', "'=x", "''+x", '＝1'])(
    'lets no spreadsheet reckon out %s, and reads it back as it was',
    (name) => {
      const text = writeRows([['name'], [name]]);
      const [, [cell]] = Papa.parse<string[]>(text).data as [string[], string[]];
      expect(cell).toBe(`'${name}`);
      expect(readTable(text).table.rows[0]!.cells.name).toBe(name);
    },
  );

  it('leaves numbers, and what only looks like it, alone', () => {
    expect(
      writeRows([
        ['a', 'b', 'c'],
        [-4, "d'Arc", 'a=b'],
      ]),
    ).toBe("a,b,c\r\n-4,d'Arc,a=b\r\n");
    expect(readTable("name\n'tis").table.rows[0]!.cells.name).toBe("'tis");
  });

  it('reads nothing of a table that is too wide, and names a cell that is too long', () => {
    const wide = Array.from({ length: 80_000 }, (_, i) => i.toString(36)).join(',');
    const { table, issues } = readTable(`${wide}\n1`);
    expect(issues).toEqual([
      fileIssue({ code: 'tooManyColumns', params: { columns: 80_000, most: 200 } }),
    ]);
    expect(table.rows).toEqual([]);
    const long = readTable(`name,level\nAda,beginner\nBo,${'x'.repeat(3000)}`);
    expect(long.issues).toMatchObject([
      { row: 3, column: 'level', problem: { code: 'cellTooLong' } },
    ]);
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
      { row: 2, column: 'column 3', problem: { code: 'beyondHead' }, value: '3' },
    ]);
    expect(readTable('a,a\n1,2').issues[0]!.problem).toEqual({
      code: 'columnTwice',
      params: { name: 'a' },
    });
    expect(readTable('a,b\n').issues[0]!.problem.code).toBe('noRows');
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
