/** One thing that is wrong with a table: where, what, and what stands there. */
export interface RowIssue {
  /** Counted with the head as 1; null where it is about the whole file. */
  row: number | null;
  column: string | null;
  problem: string;
  value: string | null;
}

export const fileIssue = (problem: string): RowIssue => ({
  row: null,
  column: null,
  problem,
  value: null,
});

/** What is shown of a cell. */
const SHOWN = 40;

export const cellIssue = (
  row: number,
  column: string,
  problem: string,
  value: string,
): RowIssue => ({ row, column, problem, value: value.slice(0, SHOWN) });
