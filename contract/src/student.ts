import { z } from 'zod';
import { HOLD_IDS, holdsFor, INSTRUMENTS } from '@open-palm/core/holds';
import { SIDES } from '@open-palm/core/measure';
import { idSchema } from './ids';

/** Tones in which a student's grip portrait is drawn. */
export const SKIN_TONES = ['clay', 'sand', 'amber', 'umber', 'ebony'] as const;

const studentFields = z
  .object({
    name: z.string().trim().min(1, 'a name is needed').max(80, 'at most 80 letters'),
    instrument: z.enum(INSTRUMENTS),
    holdId: z.enum(HOLD_IDS as [string, ...string[]]),
    side: z.enum(SIDES),
    birthYear: z.number().int().min(1900).max(2100).nullable(),
    /** Length of the frog of the student's bow, mm, if it was measured. */
    frogLengthMm: z
      .number()
      .min(20, 'between 20 and 80 mm')
      .max(80, 'between 20 and 80 mm')
      .nullable(),
    skinTone: z.enum(SKIN_TONES),
  })
  .strict();

/** What a teacher writes down of a student. The hold must be one of the instrument's. */
export const studentInputSchema = studentFields.refine(
  ({ instrument, holdId }) => holdsFor(instrument).some((hold) => hold.id === holdId),
  { path: ['holdId'], error: 'this hold belongs to another instrument' },
);

export const studentSchema = studentFields.extend({ id: idSchema });

export type SkinTone = (typeof SKIN_TONES)[number];
export type StudentInput = z.infer<typeof studentInputSchema>;
export type Student = z.infer<typeof studentSchema>;
