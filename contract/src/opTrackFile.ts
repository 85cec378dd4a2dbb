import { z } from 'zod';
import { HOLD_IDS } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { CONTEXTS, MEASURE_IDS } from '@open-palm/core/measure';
import { problemText } from '@open-palm/core/problem';
import { WEEKDAYS } from './lesson';
import { RESTARTS } from './restarts';
import { issuesFromZod } from './zodIssues';

const values = z.partialRecord(z.enum(MEASURE_IDS), z.number());

/** The file that `op track` reads; docs/tracking.md tells it in words. */
export const opTrackFileSchema = z
  .object({
    hold: z.enum(HOLD_IDS as [string, ...string[]]),
    checks: z
      .array(
        z
          .object({
            on: z.iso.date(),
            context: z.enum(CONTEXTS).default('playing-start'),
            values,
          })
          .strict(),
      )
      .min(1),
    /** Planned changes, each a new beginning. */
    restarts: z.array(z.object({ on: z.iso.date(), why: z.enum(RESTARTS) }).strict()).default([]),
    workingOn: z.enum(MEASURE_IDS).nullable().default(null),
    /** The day of the weekly lesson. */
    lesson: z.enum(WEEKDAYS).nullable().default(null),
    audits: z.boolean().default(false),
    /** Standard errors of measurement that re-form tests have told. */
    sem: z.partialRecord(z.enum(MEASURE_IDS), z.number().positive()).default({}),
  })
  .strict()
  .superRefine(({ checks }, context) => {
    checks.forEach(({ on }, i) => {
      const before = checks[i - 1]?.on;
      if (before === undefined || before <= on) return;
      const message = problemText('checkOrder', { before });
      context.addIssue({ code: 'custom', path: ['checks', i, 'on'], message });
    });
  });

export type OpTrackFile = z.infer<typeof opTrackFileSchema>;

/**
 * Reads a track file.
 *
 * @param content parsed JSON
 * @throws InputError with every part that is missing or not of its kind
 */
export function readOpTrackFile(content: unknown): OpTrackFile {
  const result = opTrackFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  return result.data;
}
