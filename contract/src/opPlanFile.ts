import { z } from 'zod';
import { HOLD_IDS } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { LEVELS, NEEDS } from '@open-palm/core/practice';
import { problemText } from '@open-palm/core/problem';
import { causeOfPlan, drillId, MOST_PLAN_DAYS } from './practice';
import { issuesFromZod } from './zodIssues';

const MS_PER_DAY = 86_400_000;

const days = z.number().int().nonnegative().max(10_000);

/** The file that `op plan` reads; docs/practice.md tells it in words. */
export const opPlanFileSchema = z
  .object({
    hold: z.enum(HOLD_IDS as [string, ...string[]]),
    /** The first day of practice, and the day of the next lesson, which is none. */
    from: z.iso.date(),
    lesson: z.iso.date(),
    /** Days on which there is a bow and no instrument. */
    withoutInstrument: z.array(z.iso.date()).default([]),
    /** Minutes a day; what is usual at this age when left out. */
    minutesADay: z.number().nonnegative().max(120).optional(),
    age: z.number().int().min(3).max(110).nullable().default(null),
    level: z.enum(LEVELS).default('beginner'),
    hypermobile: z.boolean().default(false),
    hurts: z.boolean().default(false),
    /** The little finger tired when it was loaded last. */
    tired: z.boolean().default(false),
    /** How long the bow was carried free in the newest test. */
    carrySeconds: z.number().nonnegative().max(3600).nullable().default(null),
    has: z.array(z.enum(NEEDS)).default([]),
    /** Causes that are worked on, each with how probable it is. */
    causes: z.record(causeOfPlan, z.number().min(0).max(1)),
    /** What of a drill is known of this student. */
    history: z
      .record(
        drillId,
        z
          .object({
            stage: z.number().int().positive().max(9).default(1),
            daysDone: days.default(0),
            periods: z
              .array(
                z.object({ daysPlanned: days, daysDone: days, isImproved: z.boolean() }).strict(),
              )
              .max(400)
              .default([]),
          })
          .strict(),
      )
      .default({}),
    locked: z.array(drillId).max(20).default([]),
    dropped: z.array(drillId).default([]),
  })
  .strict()
  .superRefine(({ from, lesson }, context) => {
    const count = (Date.parse(lesson) - Date.parse(from)) / MS_PER_DAY;
    if (count >= 0 && count <= MOST_PLAN_DAYS) return;
    const message = problemText('planDays', { most: MOST_PLAN_DAYS });
    context.addIssue({ code: 'custom', path: ['lesson'], message });
  });

export type OpPlanFile = z.infer<typeof opPlanFileSchema>;

/**
 * Reads a plan file.
 *
 * @param content parsed JSON
 * @throws InputError with every part that is missing or not of its kind
 */
export function readOpPlanFile(content: unknown): OpPlanFile {
  const result = opPlanFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  return result.data;
}
