import { z } from 'zod';
import { SIDES } from '@open-palm/core/measure';
import { LEVELS } from '@open-palm/core/practice';
import { problemText } from '@open-palm/core/problem';
import { idSchema } from './ids';
import { lessonSchema } from './lesson';
import { setupSchema } from './setup';

/** Tones in which a student's grip portrait is drawn. */
export const SKIN_TONES = ['clay', 'sand', 'amber', 'umber', 'ebony'] as const;

/** More instruments than this nobody plays. */
export const MOST_SETUPS = 8;
const FINGER_MM = { least: 40, most: 130, unit: 'mm' };

/** What a teacher writes down of a student. */
export const studentInputSchema = z
  .object({
    name: z.string().trim().min(1, problemText('nameNeeded')).max(80),
    side: z.enum(SIDES),
    birthYear: z.number().int().min(1900).max(2100).nullable(),
    /** Length of the middle finger from knuckle to tip, mm, if it was measured: bands in mm go with it. */
    middleFingerMm: z
      .number()
      .min(FINGER_MM.least, problemText('between', FINGER_MM))
      .max(FINGER_MM.most, problemText('between', FINGER_MM))
      .nullable(),
    skinTone: z.enum(SKIN_TONES),
    level: z.enum(LEVELS),
    /** The weekly lesson, if there is one. */
    lesson: lessonSchema.nullable().default(null),
    /** Whether the guardian lets photographs be taken; without, looks are answered by tap only. */
    photos: z.enum(['allowed', 'withheld']).default('allowed'),
    /** Whether bands judge this hand; off where joints are hypermobile and a clinician decides what fits. */
    bands: z.enum(['on', 'off']).default('on'),
    /** An advanced player who audits the own hold: settled, it is looked at every ninety days. */
    audits: z.boolean().default(false),
    /** The main instrument first. */
    setups: z
      .array(setupSchema)
      .min(1)
      .max(MOST_SETUPS)
      .refine((setups) => new Set(setups.map(({ id }) => id)).size === setups.length, {
        error: problemText('idTwice'),
      }),
  })
  .strict();

export const studentSchema = studentInputSchema.extend({ id: idSchema });

/** A student as the studio has it, in the version that an edit is based on. */
export const keptStudentSchema = studentSchema.extend({
  version: z.number().int().positive().default(1),
});

/** What is written down of a kept student, as an edit sends it. */
export const inputOf = ({ id: _, version: __, ...input }: KeptStudent): StudentInput => input;

export type SkinTone = (typeof SKIN_TONES)[number];
export type StudentInput = z.infer<typeof studentInputSchema>;
export type Student = z.infer<typeof studentSchema>;
export type KeptStudent = z.infer<typeof keptStudentSchema>;
