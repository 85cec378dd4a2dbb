import { z } from 'zod';

/** As many as a studio of some hundred students has. */
const MOST = 5000;

const pathSchema = z.string().max(200);
/** Tells two answers to the same question apart. */
const versionSchema = z.string().max(40);

/** What a device remembers of the studio, to be looked at without a network: the versions of answers, by their paths. */
export const rememberAskedSchema = z
  .object({
    known: z
      .record(pathSchema, versionSchema)
      .refine((known) => Object.keys(known).length <= MOST, `at most ${MOST} answers`),
  })
  .strict();

/** What changed since. */
export const rememberSchema = z.object({
  /** Answers in the place of those that are known; one may stand under several paths. */
  answers: z.array(
    z.object({ paths: z.array(pathSchema).min(1), version: versionSchema, body: z.string() }),
  ),
  /** Known paths that nothing is answered to any more. */
  gone: z.array(pathSchema),
  /** There is more than one answer carries: it is asked again. */
  more: z.boolean(),
});

export type Remember = z.infer<typeof rememberSchema>;
