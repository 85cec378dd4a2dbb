import type { z } from 'zod';
import { schemaProblem } from '@open-palm/contract';
import { cellIssue, type RowIssue } from '@open-palm/contract/exchange';
import type { TableRow } from './table';

/** Columns of the table of looks that are called otherwise than their fields. */
const COLUMN_OF: Readonly<Record<string, string>> = {
  bowSize: 'bow_size',
  takenAt: 'taken_at',
  holdId: 'hold',
};

/**
 * What a schema found wrong with a look, at the cells of its rows.
 *
 * @param rowAt the row of one of its answers
 */
export const schemaIssues = (
  error: z.ZodError,
  row: TableRow,
  rowAt: (tap: number) => number,
): RowIssue[] =>
  error.issues.map((issue) => {
    const { path } = issue;
    const field = String(path.at(-1));
    const column = COLUMN_OF[field] ?? field;
    const at = path[0] === 'taps' ? rowAt(Number(path[1])) : row.row;
    return cellIssue(at, column, schemaProblem(issue), row.cells[column] ?? '');
  });
