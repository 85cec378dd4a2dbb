import type { Problem } from '@open-palm/core/problem';

/** One thing that is wrong with a table: where, what, and what stands there. */
export interface RowIssue {
  /** Counted with the head as 1; null where it is about the whole file. */
  row: number | null;
  column: string | null;
  problem: Problem;
  value: string | null;
}

export const fileIssue = (problem: Problem): RowIssue => ({
  row: null,
  column: null,
  problem,
  value: null,
});

/** What is shown of a cell. */
const SHOWN = 40;

export const cellIssue = (
  row: number | null,
  column: string,
  problem: Problem,
  value: string,
): RowIssue => ({ row, column, problem, value: value.slice(0, SHOWN) });
