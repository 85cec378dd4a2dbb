import Papa from 'papaparse';
import { cellIssue, fileIssue, type Correction, type RowIssue } from '@open-palm/contract/exchange';

/** More rows than this are no studio's. */
export const MOST_ROWS = 200_000;

/** More columns than this, or longer cells, are no table of students or looks: a few of them would keep the studio busy for minutes. */
export const MOST_COLUMNS = 200;
export const LONGEST_CELL = 2000;

/** A row of a table by its columns' names; cells are trimmed. */
export interface TableRow {
  /** As a spreadsheet counts it, the head being 1. */
  row: number;
  cells: Readonly<Record<string, string>>;
}

export interface Table {
  columns: readonly string[];
  rows: readonly TableRow[];
  /** With semicolons between cells a comma may stand for the point of a number. */
  decimalComma: boolean;
}

/**
 * Reads a table (RFC 4180; commas, semicolons or tabs). Quoted cells may hold all of them, line breaks and doubled quotes.
 *
 * @returns the table, and everything that is wrong with its form
 */
export function readTable(text: string): { table: Table; issues: RowIssue[] } {
  const plain = text.replace(/^\uFEFF/, '');
  const delimiter = delimiterOf(plain);
  const { data, errors } = Papa.parse<string[]>(plain, { delimiter });
  const isEmpty = (line: readonly string[]) => line.every((cell) => cell.trim() === '');
  const lines = data.map((cells, i) => ({ row: i + 1, cells })).filter((l) => !isEmpty(l.cells));
  const [head, ...rest] = lines;
  const columns = (head?.cells ?? []).map((name) => name.trim().toLowerCase());
  const issues: RowIssue[] = errors
    .filter(({ type }) => type === 'Quotes')
    .map(({ row, message }) => ({
      ...fileIssue({ code: 'openQuote', params: { detail: message.toLowerCase() } }),
      row: (row ?? 0) + 1,
    }));
  const isTooWide = columns.length > MOST_COLUMNS;
  if (isTooWide) {
    const params = { columns: columns.length, most: MOST_COLUMNS };
    issues.push(fileIssue({ code: 'tooManyColumns', params }));
  } else {
    const twice = columns.filter((name, i) => name !== '' && columns.indexOf(name) !== i);
    for (const name of new Set(twice)) {
      issues.push(fileIssue({ code: 'columnTwice', params: { name } }));
    }
  }
  if (!head || rest.length === 0) issues.push(fileIssue({ code: 'noRows' }));
  const isTooLong = rest.length > MOST_ROWS;
  if (isTooLong) {
    issues.push(fileIssue({ code: 'tooManyRows', params: { rows: rest.length, most: MOST_ROWS } }));
  }
  // Of what is too large nothing more is read.
  if (isTooWide || isTooLong) {
    return { table: { columns: [], rows: [], decimalComma: false }, issues };
  }
  const rows = rest.map(({ row, cells }) => {
    const extra = cells.slice(columns.length).find((cell) => cell.trim() !== '');
    if (extra !== undefined) {
      issues.push(cellIssue(row, `column ${columns.length + 1}`, { code: 'beyondHead' }, extra));
    }
    const long = cells.findIndex((cell) => cell.length > LONGEST_CELL);
    if (long >= 0) {
      const column = columns[long] || `column ${long + 1}`;
      const params = { length: cells[long]!.length, most: LONGEST_CELL };
      issues.push(cellIssue(row, column, { code: 'cellTooLong', params }, cells[long]!));
    }
    return {
      row,
      cells: Object.fromEntries(columns.map((name, i) => [name, plainCell(cells[i] ?? '').trim()])),
    };
  });
  return { table: { columns, rows, decimalComma: delimiter === ';' }, issues };
}

/** What parts the cells: none of it stands in a column's name, so the head shows it. */
function delimiterOf(text: string): string {
  const head = /^\s*(.*)/.exec(text)?.[1] ?? '';
  const count = (one: string) => head.split(one).length;
  return [',', ';', '\t'].reduce((best, one) => (count(one) > count(best) ? one : best));
}

/**
 * A number of a cell; undefined for an empty one, NaN for what is none.
 *
 * @example numberIn('1,5', true) // 1.5
 */
export function numberIn(cell: string | undefined, decimalComma: boolean): number | undefined {
  if (cell === undefined || cell === '') return undefined;
  const text = (decimalComma ? cell.replace(',', '.') : cell).replace('−', '-');
  return /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(text) ? Number(text) : NaN;
}

/** A table's text with some cells written anew; everything else, its delimiter too, stays as it is. */
export function correctCells(text: string, corrections: readonly Correction[]): string {
  const plain = text.replace(/^\uFEFF/, '');
  const delimiter = delimiterOf(plain);
  const { data } = Papa.parse<string[]>(plain, { delimiter });
  const head = data.find((line) => line.some((cell) => cell.trim() !== '')) ?? [];
  const names = head.map((name) => name.trim().toLowerCase());
  for (const { row, column, value } of corrections) {
    const line = data[row - 1];
    if (!line) continue;
    // What is missing may have no column yet.
    if (!names.includes(column)) names.push(column) && head.push(column);
    const at = names.indexOf(column);
    while (line.length < at) line.push('');
    line[at] = value;
  }
  return Papa.unparse(data, { delimiter, newline: '\r\n' });
}

/** Words that a spreadsheet would take for a formula and reckon out, also behind the apostrophes that say it is none. */
const FORMULA = /^'*[=+\-@\t\r＝＋－＠]/;

/** A cell as it was before an apostrophe kept it from being a formula. */
const plainCell = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell;

/**
 * Lines of a table as text, quoted where they must be (RFC 4180). Words that begin like a formula get an apostrophe before them, which reading
 * takes away: a name must not run a program in whoever's spreadsheet. Numbers stay numbers.
 *
 * @example writeRows([['name', 'born'], ['Ada', 2012]]) // 'name,born\r\nAda,2012\r\n'
 */
export const writeRows = (rows: readonly (readonly (string | number | null)[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => row.map((cell) => cell ?? '')),
    { newline: '\r\n', escapeFormulae: FORMULA },
  )}\r\n`;
