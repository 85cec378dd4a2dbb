import { z } from 'zod';
import { BOW_SIZES, bowPreset, PRESET_KINDS, type BowSize } from '@open-palm/core/bow';
import { HOLD_IDS, holdsFor, INSTRUMENTS } from '@open-palm/core/holds';
import { problemText } from '@open-palm/core/problem';
import { idSchema } from './ids';

/** A shipped hold, or one of the teacher's own by its UUID. */
export const holdIdSchema = z
  .string()
  .refine((id) => HOLD_IDS.includes(id) || idSchema.safeParse(id).success, {
    error: problemText('holdId', { known: HOLD_IDS.join(', ') }),
  });

export const bowSizeSchema = z.enum(Object.keys(BOW_SIZES) as [BowSize, ...BowSize[]]);

const MOST_SETTINGS = 40;

/** A teacher's answers where schools differ: the option's id by the setting's id. */
export const settingsSchema = z
  .record(z.string().max(40), z.string().max(40))
  .refine(
    (settings) => Object.keys(settings).length <= MOST_SETTINGS,
    problemText('tooMany', { most: MOST_SETTINGS }),
  );

/** What is taken for a bow at all, g: from a small child's to twice a heavy bass bow. */
export const LIGHTEST_G = 15;
export const HEAVIEST_G = 300;

const BOW_G = { least: LIGHTEST_G, most: HEAVIEST_G, unit: 'g' };
const FROG_MM = { least: 20, most: 80, unit: 'mm' };

/** One instrument with its bow and the hold that is taught on it. A student can have several. */
export const setupSchema = z
  .object({
    id: idSchema,
    instrument: z.enum(INSTRUMENTS),
    bowSize: bowSizeSchema,
    /** Length of this bow's frog, mm, if it was measured. */
    frogLengthMm: z
      .number()
      .min(FROG_MM.least, problemText('between', FROG_MM))
      .max(FROG_MM.most, problemText('between', FROG_MM))
      .nullable(),
    /** What this bow weighs, g, and where it balances, mm from the button's end, if they were measured. */
    bowMassG: z
      .number()
      .min(LIGHTEST_G, problemText('between', BOW_G))
      .max(HEAVIEST_G, problemText('between', BOW_G))
      .nullable(),
    bowBalanceMm: z
      .number()
      .positive(problemText('notAbove', { least: 0 }))
      .nullable(),
    holdId: holdIdSchema,
    settings: settingsSchema,
  })
  .strict()
  .refine(
    ({ instrument, holdId }) =>
      !HOLD_IDS.includes(holdId) || holdsFor(instrument).some((hold) => hold.id === holdId),
    { path: ['holdId'], error: problemText('holdOfOther') },
  )
  .superRefine(({ bowBalanceMm, bowSize }, context) => {
    const endMm = Math.round(longestBowMm(bowSize));
    if (bowBalanceMm === null || bowBalanceMm < endMm) return;
    const message = problemText('beyondSuchBow', { at: bowBalanceMm, end: endMm });
    context.addIssue({ code: 'custom', path: ['bowBalanceMm'], message });
  });

/** Of whatever kind: an own hold may be on any. */
const longestBowMm = (size: BowSize): number =>
  Math.max(...PRESET_KINDS.map((kind) => bowPreset(kind, size).lengthMm));

export type Setup = z.infer<typeof setupSchema>;
