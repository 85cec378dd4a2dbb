import type { Tap } from '../measure';

/** One thing that a teacher said of one player while walking the row. */
export type RowMark = {
  /** Its own, so that marks of two phones can be put together and none counts twice. */
  id: string;
  /** When it was made, ISO. */
  at: string;
  studentId: string;
  /** The instrument and hold that the player was seen with. */
  setupId: string;
} & (
  | { kind: 'absent' }
  /** Looked at, and nothing stood out but what else was said of the player. */
  | { kind: 'fine' }
  /** A part was touched: the answer. */
  | { kind: 'tap'; tap: Tap }
  /** What only a person sees. */
  | { kind: 'sign'; sign: string }
  /** Everybody was looked at for this fault, and this player does not show it. */
  | { kind: 'without'; fault: string }
  /** Another mark of this player was a slip. */
  | { kind: 'undone'; mark: string }
);

/**
 * The marks of two devices, put together: each once, in the order in which they were made. What one has taken back stays so, whichever
 * arrives first.
 */
export function unitedMarks(...lists: readonly (readonly RowMark[])[]): RowMark[] {
  const byId = new Map(lists.flat().map((mark) => [mark.id, mark]));
  return [...byId.values()].sort((a, b) => compare(a.at, b.at) || compare(a.id, b.id));
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The marks that count: without those that were taken back. */
export function standingMarks(marks: readonly RowMark[]): Exclude<RowMark, { kind: 'undone' }>[] {
  const undone = new Set(marks.flatMap((mark) => (mark.kind === 'undone' ? [mark.mark] : [])));
  return marks.flatMap((mark) => (mark.kind === 'undone' || undone.has(mark.id) ? [] : [mark]));
}
