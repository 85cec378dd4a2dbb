import type { z } from 'zod';

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

/** What a schema found wrong, in words that follow what stands there: “kazoo” is none of violin, viola, cello, bass. */
export function problemOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_value':
      return `is none of ${issue.values.map(String).join(', ')}`;
    case 'invalid_type':
      return issue.expected === 'number' || issue.expected === 'int'
        ? 'is not a number'
        : `is missing, or is no ${issue.expected}`;
    case 'too_small':
    case 'too_big':
      return issue.message.startsWith('Too')
        ? `lies ${issue.code === 'too_small' ? 'below' : 'above'} what is taken (${String(issue.code === 'too_small' ? issue.minimum : issue.maximum)})`
        : `is not right: ${issue.message}`;
    default:
      return `is not right: ${issue.message}`;
  }
}
