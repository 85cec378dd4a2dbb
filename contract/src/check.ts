import { z } from 'zod';
import { CONTEXTS } from '@open-palm/core/measure';
import { SIGNS } from '@open-palm/core/judge';
import { READINESS, READINESS_ITEMS } from '@open-palm/core/practice';
import { problemText } from '@open-palm/core/problem';
import { sdSchema, instantSchema, nameSchema } from './bounds';
import { captureSchema } from './capture';
import { keptFitSchema } from './fit';
import { keptPoseSchema } from './keptPose';
import { idSchema } from './ids';
import { contactsSchema, mergedMeasureSchema } from './measureSchema';
import { noSuch } from './noSuch';
import { bowSizeSchema, holdIdSchema, settingsSchema } from './setup';
import { tapSchema } from './tap';

const MOST_CAPTURES = 12;

/** By what a hold was judged: kept with each check, so that later changes never rewrite it. */
export const gripSchema = z
  .object({
    holdId: holdIdSchema,
    holdVersion: z.number().int().positive().max(1_000_000),
    settings: settingsSchema,
    bowSize: bowSizeSchema,
    /** Length of the middle finger, measured or estimated, mm. */
    middleFinger: z.object({ mm: z.number().positive().max(1000), sdMm: sdSchema }).strict(),
    /** The relaxed-hand picture that gaps are compared with. */
    relaxedHandId: idSchema.nullable(),
    /** Where bands do not fit this hand: everything is shown, nothing judged. */
    bandsOff: z.literal(true).optional(),
  })
  .strict();

/** Signs as a person saw them: there, or not. */
export const seenSignsSchema = z.record(
  z.string().refine((id) => SIGNS.some((sign) => sign.id === id), {
    error: noSuch('sign'),
  }),
  z.boolean(),
);

/** Something that a person added in words, if they did. */
export const wordSchema = z.string().trim().min(1).max(400).nullable();

/** Whether bow and student were ready, item by item, with what was wrong. */
export const readinessSchema = z
  .array(
    z
      .object({ item: z.enum(READINESS_ITEMS), state: nameSchema, word: wordSchema })
      .strict()
      .refine(({ item, state }) => READINESS[item].includes(state), {
        path: ['state'],
        error: problemText('noSuchState'),
      }),
  )
  .max(READINESS_ITEMS.length);

/** What the teacher was told of a look when it was kept, and by which version of the program: it stays as it was said. */
export const shownSchema = z
  .object({
    code: z.number().int().positive().max(1_000_000),
    measures: z.array(mergedMeasureSchema).max(400),
  })
  .strict();

/** One look at a student's hold, as the client sends it; what is followed over time is worked out again by the server. */
export const checkInputSchema = z
  .object({
    studentId: idSchema,
    setupId: idSchema,
    takenAt: instantSchema,
    context: z.enum(CONTEXTS),
    grip: gripSchema,
    captures: z.array(captureSchema).max(MOST_CAPTURES),
    taps: z.array(tapSchema).max(200),
    signs: seenSignsSchema.default({}),
    readiness: readinessSchema.default([]),
    told: shownSchema.optional(),
  })
  .strict()
  .refine(
    ({ captures, taps, signs }) => captures.length + taps.length + Object.keys(signs).length > 0,
    {
      path: ['captures'],
      error: problemText('pictureOrAnswer'),
    },
  );

/** A kept check with what was worked out of it; its measures are those that were told when it was kept. */
export const checkSchema = checkInputSchema.extend({
  id: idSchema,
  measures: z.array(mergedMeasureSchema),
  contacts: contactsSchema,
  fits: z.array(keptFitSchema).default([]),
  /** The hand that its measures tell; null while it waits to be worked out, and where it could not be. */
  pose: keptPoseSchema.nullable().default(null),
});

export type Grip = z.infer<typeof gripSchema>;
export type CheckInput = z.infer<typeof checkInputSchema>;
export type Check = z.infer<typeof checkSchema>;
export type Shown = z.infer<typeof shownSchema>;
export type Readiness = z.infer<typeof readinessSchema>;
export type SeenSigns = z.infer<typeof seenSignsSchema>;
