import { z } from 'zod';
import { adaptHold, HOLD_IDS, holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { AGE_BANDS, CAUSES, SIGNS, signsOf } from '@open-palm/core/judge';
import { CONTEXTS } from '@open-palm/core/measure';
import { malformed, problemText } from '@open-palm/core/problem';
import { noSuch } from './noSuch';
import { settingsSchema } from './setup';
import { issuesFromZod } from './zodIssues';

const known = (kind: 'sign' | 'cause', ids: readonly string[]) =>
  z.string().refine((id) => ids.includes(id), { error: noSuch(kind) });

const sign = known(
  'sign',
  SIGNS.map(({ id }) => id),
);

const count = z.number().int().nonnegative();

/** The file that `op judge` reads; docs/judging.md tells it in words. */
export const opJudgeFileSchema = z
  .object({
    hold: z.enum(HOLD_IDS as [string, ...string[]]),
    /** Seen present (true) or absent (false); what was not seen is left out. */
    signs: z.record(sign, z.boolean()),
    /** Signs that came up since the start of the lesson: together they are a hand that tires. */
    newSinceStart: z.array(sign).default([]),
    /** What the bow did when the hold was looked at. */
    context: z.enum(CONTEXTS).default('free'),
    /** The teacher's answers where schools differ. */
    settings: settingsSchema.default({}),
    /** Something hurts; only watching. */
    hurts: z.boolean().default(false),
    watches: z.boolean().default(false),
    /** Signs that were answered with "not sure": they are not asked again. */
    answered: z.array(sign).default([]),
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
          .refine(({ confirmed, checks }) => confirmed <= checks, problemText('confirmedMore')),
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
 * @throws InputError with every part that is missing or not of its kind, and every sign that the hold cannot have
 */
export function readOpJudgeFile(content: unknown): OpJudgeFile {
  const result = opJudgeFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  const file = result.data;
  const hold = adaptHold(holdById(file.hold), file.settings, { bow: 1, hand: 1 });
  const shown = new Set(signsOf(hold).map(({ id }) => id));
  const strangers = [...Object.keys(file.signs), ...file.newSinceStart].filter(
    (id) => !shown.has(id),
  );
  if (strangers.length > 0) {
    throw new InputError(
      strangers.map((id) =>
        malformed(`signs.${id}`, { code: 'cannotShow', params: { hold: file.hold } }),
      ),
    );
  }
  return file;
}
