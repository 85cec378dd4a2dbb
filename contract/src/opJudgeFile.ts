import { z } from 'zod';
import { HOLD_IDS } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { AGE_BANDS, CAUSES, SIGNS } from '@open-palm/core/judge';
import { issuesFromZod } from './zodIssues';

const known = (kind: string, ids: readonly string[]) =>
  z.string().refine((id) => ids.includes(id), {
    error: (issue) => `there is no ${kind} "${String(issue.input)}"`,
  });

const count = z.number().int().nonnegative();

/** The file that `op judge` reads; docs/judging.md tells it in words. */
export const opJudgeFileSchema = z
  .object({
    hold: z.enum(HOLD_IDS as [string, ...string[]]),
    /** Seen present (true) or absent (false); what was not seen is left out. */
    signs: z.record(
      known(
        'sign',
        SIGNS.map(({ id }) => id),
      ),
      z.boolean(),
    ),
    /** The student's age: some causes are commoner at some ages. */
    age: z.enum(AGE_BANDS).nullable().default(null),
    /** In how many of this student's checks a cause was the one. */
    history: z
      .record(
        known(
          'cause',
          CAUSES.map(({ id }) => id),
        ),
        z
          .object({ confirmed: count, checks: count })
          .strict()
          .refine(
            ({ confirmed, checks }) => confirmed <= checks,
            'confirmed more often than checked',
          ),
      )
      .default({}),
    /** What came of cues with this student. */
    cues: z.array(z.object({ cue: z.string(), worked: z.boolean() }).strict()).default([]),
  })
  .strict();

export type OpJudgeFile = z.infer<typeof opJudgeFileSchema>;

/**
 * Reads a judge file.
 *
 * @param content parsed JSON
 * @throws InputError with every part that is missing or not of its kind
 */
export function readOpJudgeFile(content: unknown): OpJudgeFile {
  const result = opJudgeFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  return result.data;
}
