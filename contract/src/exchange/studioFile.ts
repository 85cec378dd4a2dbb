import { z } from 'zod';
import { checkInputSchema } from '../check';
import { idSchema } from '../ids';
import { logEntrySchema } from '../lessonLog';
import { mergedMeasureSchema } from '../measureSchema';
import { ownHoldSchema } from '../ownHold';
import { studentSchema } from '../student';
import { pathText, schemaProblem } from '../zodIssues';
import { cellIssue, fileIssue, type RowIssue } from './rowIssue';

export const STUDIO_FORMAT = 'open-palm-studio';

/** A look with what was worked out of it: the numbers stand in for pictures that did not come along. */
const studioCheckSchema = checkInputSchema.extend({
  id: idSchema,
  measures: z.array(mergedMeasureSchema).default([]),
});

/** A studio's students, own holds, looks and lesson log in one file; pictures stay where they are. */
export const studioFileSchema = z
  .object({
    format: z.literal(STUDIO_FORMAT),
    version: z.literal(1),
    students: z.array(studentSchema),
    holds: z.array(ownHoldSchema).default([]),
    checks: z.array(studioCheckSchema).default([]),
    log: z.array(logEntrySchema).default([]),
  })
  .strict();

export type StudioFile = z.infer<typeof studioFileSchema>;

/** Reads a studio file. @returns the file, or everything that is wrong with it and where */
export function readStudioFile(
  text: string,
): { file: StudioFile; issues: [] } | { file: null; issues: RowIssue[] } {
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch (error) {
    const detail = error instanceof Error ? error.message : String(error);
    return { file: null, issues: [fileIssue({ code: 'notJson', params: { detail } })] };
  }
  const result = studioFileSchema.safeParse(content);
  if (!result.success) {
    const issues = result.error.issues.map((issue) => ({
      ...fileIssue(schemaProblem(issue)),
      column: pathText(issue.path),
    }));
    return { file: null, issues };
  }
  const issues = duplicates(result.data);
  return issues.length > 0 ? { file: null, issues } : { file: result.data, issues: [] };
}

/** Ids that stand twice. */
function duplicates(file: StudioFile): RowIssue[] {
  return (['students', 'checks', 'log'] as const).flatMap((part) => {
    const first = new Map<string, number>();
    return file[part].flatMap(({ id }, i): RowIssue[] => {
      const before = first.get(id);
      if (before === undefined) {
        first.set(id, i);
        return [];
      }
      const problem = { code: 'idTwice' as const, params: { at: `${part}[${before}]` } };
      return [cellIssue(null, `${part}[${i}].id`, problem, id)];
    });
  });
}
