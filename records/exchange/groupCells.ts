import type { Group, Member } from '@open-palm/contract';
import { MOST_MEMBERS } from '@open-palm/contract';
import { cellIssue, type RowIssue } from '@open-palm/contract/exchange';
import type { TableRow } from './table';

/** A row of the table of students that says in which groups its student plays, on which instrument. */
export interface GroupRow {
  row: TableRow;
  studentId: string;
  setupId: string;
}

/** What bringing rows into groups needs to know of the studio. */
export interface GroupContext {
  groups: readonly Group[];
  /** An id for what has none in the table, always the same for the same key. */
  makeId: (key: string) => string;
}

type Seat = Member['seat'];

/** Row and place from 1, as people count: 2/3. */
const SEAT = /^(\d{1,2})\s*\/\s*(\d{1,2})$/;

/** Several groups of one student stand in one cell, and their seats in the same order. */
const partsOf = (cell: string | undefined): string[] =>
  (cell ?? '').split(';').map((part) => part.trim());

/** A seat as a table tells it. */
export const seatCell = (seat: Seat): string => (seat ? `${seat.row + 1}/${seat.place + 1}` : '');

/**
 * Groups with whom a table seats in them. A group is known by its name, and made where there is none of that name; who is in it already and not
 * in the table stays. A row without a group leaves its student where they are.
 *
 * @returns those groups that the table says something of, whole
 */
export function groupsFromTable(
  rows: readonly GroupRow[],
  { groups, makeId }: GroupContext,
): { groups: Group[]; issues: RowIssue[] } {
  const issues: RowIssue[] = [];
  const byName = new Map(groups.map((group) => [group.name.toLowerCase(), group]));
  const touched = new Map<string, Group>();
  for (const { row, studentId, setupId } of rows) {
    const names = partsOf(row.cells.group);
    const seats = partsOf(row.cells.seat);
    for (const [i, name] of names.entries()) {
      if (name === '') continue;
      const key = name.toLowerCase();
      const before =
        touched.get(key) ??
        byName.get(key) ??
        ({ id: makeId(`group ${key}`), name, meets: null, layout: 'rows', members: {} } as Group);
      const seat = readSeat(seats[i] ?? '', row, issues);
      const known = before.members[studentId];
      const member: Member = { setupId, seat: seat === undefined ? (known?.seat ?? null) : seat };
      const members = { ...before.members, [studentId]: member };
      if (Object.keys(members).length > MOST_MEMBERS) {
        const problem = { code: 'tooMany', params: { most: MOST_MEMBERS } } as const;
        issues.push(cellIssue(row.row, 'group', problem, name));
        continue;
      }
      if (member.seat && isTaken(before, studentId, member.seat)) {
        const { row: at, place } = member.seat;
        const problem = { code: 'seatTaken', params: { row: at + 1, place: place + 1 } } as const;
        issues.push(cellIssue(row.row, 'seat', problem, row.cells.seat ?? ''));
      }
      touched.set(key, { ...before, members });
    }
  }
  return { groups: [...touched.values()], issues };
}

/** The seat of a cell; undefined for an empty one, which says nothing. */
function readSeat(cell: string, { row }: TableRow, issues: RowIssue[]): Seat | undefined {
  if (cell === '') return undefined;
  const [, at, place] = SEAT.exec(cell) ?? [];
  const seat = { row: Number(at) - 1, place: Number(place) - 1 };
  if (at === undefined || seat.row < 0 || seat.place < 0) {
    issues.push(cellIssue(row, 'seat', { code: 'wrongForm', params: { form: '2/3' } }, cell));
    return undefined;
  }
  return seat;
}

const isTaken = ({ members }: Group, studentId: string, seat: NonNullable<Seat>): boolean =>
  Object.entries(members).some(
    ([id, other]) =>
      id !== studentId && other.seat?.row === seat.row && other.seat.place === seat.place,
  );
