import Papa from 'papaparse';
import { InputError, type Issue } from '@open-palm/core/issue';
import { SIDES, type Side } from '@open-palm/core/measure';
import { malformed } from '@open-palm/core/problem';
import {
  STROKE_CHANNELS,
  strokeIssues,
  type StrokeChannel,
  type StrokeSeries,
} from '@open-palm/core/stroke';

/** The column of the times, and that of each channel: what it is, and its unit. */
export const TIME_COLUMN = 't_s';
export const CHANNEL_COLUMNS: Record<StrokeChannel, string> = {
  wristFlexion: 'wrist_flexion_deg',
  wristDeviation: 'wrist_deviation_deg',
  thumbIp: 'thumb_ip_deg',
  littlePip: 'little_pip_deg',
  bowSkew: 'bow_skew_deg',
  bowPlace: 'bow_place',
};

/** Which hand bows. */
const HAND_COLUMN = 'hand';

const COLUMNS = [TIME_COLUMN, HAND_COLUMN, ...Object.values(CHANNEL_COLUMNS)];

/** More rows than this are no take of a few strokes. */
const MOST_ROWS = 100_000;

/** Issues beyond these are told by their number only. */
const MOST_ISSUES = 8;

/**
 * Reads a take from CSV text (RFC 4180, commas or semicolons; with semicolons a decimal comma is fine). The head names columns
 * with their units; an empty cell is a gap; other columns are left alone.
 *
 * @returns the take, and of which hand it is where a column `hand` says so
 * @throws InputError with the row and column of everything that is wrong; rows are counted with the head as 1
 */
export function readStrokeCsv(text: string): { series: StrokeSeries; hand: Side | null } {
  const { data, meta } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const names = head.map((name) => name.trim().toLowerCase());
  const issues = headIssues(names);
  if (rows.length > MOST_ROWS) {
    const params = { rows: rows.length, most: MOST_ROWS };
    issues.push(malformed('file', { code: 'tooManyRows', params }));
  }
  if (issues.length > 0) throw new InputError(issues);
  const column = (name: string): (number | null)[] => {
    const at = names.indexOf(name);
    return rows.map((row, i) => {
      const cell = (row[at] ?? '').trim();
      if (cell === '') return null;
      const value = Number(meta.delimiter === ';' ? cell.replace(',', '.') : cell);
      if (Number.isFinite(value)) return value;
      const params = { cell: cell.slice(0, 20) };
      issues.push(malformed(placeOf(i, name), { code: 'cellNotANumber', params }));
      return null;
    });
  };
  const times = column(TIME_COLUMN);
  times.forEach((time, i) => {
    const isTold = issues.some(({ where }) => where === placeOf(i, TIME_COLUMN));
    if (time !== null || isTold) return;
    issues.push(malformed(placeOf(i, TIME_COLUMN), { code: 'timeNeeded' }));
  });
  const channels: StrokeSeries['channels'] = {};
  for (const channel of STROKE_CHANNELS) {
    if (names.includes(CHANNEL_COLUMNS[channel]))
      channels[channel] = column(CHANNEL_COLUMNS[channel]);
  }
  const hands = handCells(rows, names.indexOf(HAND_COLUMN));
  issues.push(...handIssues(hands));
  if (issues.length > 0) throw new InputError(shortened(issues));
  const series: StrokeSeries = { timesS: times as number[], channels };
  const found = strokeIssues(series).map((issue) => ({ ...issue, where: cellOf(issue.where) }));
  if (found.length > 0) throw new InputError(shortened(found));
  return { series, hand: SIDES.find((side) => side === hands[0]?.cell) ?? null };
}

interface HandCell {
  row: number;
  cell: string;
}

/** What the column of the hand says, row by row; an empty cell says what the others do. */
const handCells = (rows: readonly string[][], at: number): HandCell[] =>
  rows.flatMap((cells, row) => {
    const cell = (at < 0 ? '' : (cells[at] ?? '')).trim().toLowerCase();
    return cell === '' ? [] : [{ row, cell }];
  });

function handIssues(hands: readonly HandCell[]): Issue[] {
  return hands.flatMap(({ row, cell }) => {
    const where = placeOf(row, HAND_COLUMN);
    if (!(SIDES as readonly string[]).includes(cell)) {
      return [malformed(where, { code: 'noHand', params: { cell: cell.slice(0, 20) } })];
    }
    return cell === hands[0]!.cell ? [] : [malformed(where, { code: 'bothHands' })];
  });
}

/** A take as CSV text, which reads back as it was. */
export function writeStrokeCsv({ timesS, channels }: StrokeSeries): string {
  const recorded = STROKE_CHANNELS.filter((channel) => channels[channel] !== undefined);
  return Papa.unparse({
    fields: [TIME_COLUMN, ...recorded.map((channel) => CHANNEL_COLUMNS[channel])],
    data: timesS.map((time, i) => [
      time,
      ...recorded.map((channel) => channels[channel]![i] ?? ''),
    ]),
  });
}

/** What the head says: needed columns, none twice, and of a known one no other unit. */
function headIssues(names: readonly string[]): Issue[] {
  // A take from the front tells the bow's path alone.
  const isPath = names.includes(CHANNEL_COLUMNS.bowSkew);
  const needed = isPath ? [TIME_COLUMN] : [TIME_COLUMN, CHANNEL_COLUMNS.wristFlexion];
  const missing = needed.filter((name) => !names.includes(name));
  const otherUnit = names.flatMap((name) => {
    const meant = COLUMNS.find(
      (known) => known.includes('_') && name !== known && stemOf(name) === stemOf(known),
    );
    return meant && !names.includes(meant)
      ? [malformed(`row 1, ${name}`, { code: 'otherUnit', params: { meant } })]
      : [];
  });
  const meantElsewhere = new Set(otherUnit.map(({ params }) => params!.meant));
  return [
    ...otherUnit,
    ...missing
      .filter((name) => !meantElsewhere.has(name))
      .map((name) => malformed('row 1', { code: 'columnMissing', params: { name } })),
    ...names
      .filter((name, i) => COLUMNS.includes(name) && names.indexOf(name) !== i)
      .map((name) => malformed(`row 1, ${name}`, { code: 'columnTwice', params: { name } })),
  ];
}

/** A column's name without its unit: `wrist_flexion` of `wrist_flexion_rad`. */
const stemOf = (name: string): string =>
  name === 'bow_place' ? name : name.replace(/_[a-z%°]+$/, '');

/** The head is row 1. */
const placeOf = (index: number, column: string) => `row ${index + 2}, ${column}`;

/** `timesS[3]` and `channels.thumbIp[7]` as a row and a column. */
function cellOf(where: string): string {
  const [, channel, index] = /^(?:timesS|channels\.(\w+))(?:\[(\d+)\])?$/.exec(where) ?? [];
  const column = channel ? CHANNEL_COLUMNS[channel as StrokeChannel] : TIME_COLUMN;
  return index === undefined ? column : placeOf(Number(index), column);
}

function shortened(issues: readonly Issue[]): Issue[] {
  if (issues.length <= MOST_ISSUES) return [...issues];
  const params = { count: issues.length - MOST_ISSUES };
  return [...issues.slice(0, MOST_ISSUES), malformed('file', { code: 'moreLikeThese', params })];
}
