import { z } from 'zod';
import { BOW_SIZES, bowPreset, PRESET_KINDS, type BowSize } from '@open-palm/core/bow';
import { HOLD_IDS, holdsFor, INSTRUMENTS } from '@open-palm/core/holds';
import { idSchema } from './ids';

/** A shipped hold, or one of the teacher's own by its UUID. */
export const holdIdSchema = z
  .string()
  .refine((id) => HOLD_IDS.includes(id) || idSchema.safeParse(id).success, {
    error: `expected one of ${HOLD_IDS.join(', ')}, or the id of an own hold`,
  });

export const bowSizeSchema = z.enum(Object.keys(BOW_SIZES) as [BowSize, ...BowSize[]]);

/** A teacher's answers where schools differ: the option's id by the setting's id. */
export const settingsSchema = z
  .record(z.string().max(40), z.string().max(40))
  .refine((settings) => Object.keys(settings).length <= 40, 'at most 40 settings');

/** What is taken for a bow at all, g: from a small child's to twice a heavy bass bow. */
export const LIGHTEST_G = 15;
export const HEAVIEST_G = 300;

/** One instrument with its bow and the hold that is taught on it. A student can have several. */
export const setupSchema = z
  .object({
    id: idSchema,
    instrument: z.enum(INSTRUMENTS),
    bowSize: bowSizeSchema,
    /** Length of this bow's frog, mm, if it was measured. */
    frogLengthMm: z
      .number()
      .min(20, 'between 20 and 80 mm')
      .max(80, 'between 20 and 80 mm')
      .nullable(),
    /** What this bow weighs, g, and where it balances, mm from the button's end, if they were measured. */
    bowMassG: z
      .number()
      .min(LIGHTEST_G, `between ${LIGHTEST_G} and ${HEAVIEST_G} g`)
      .max(HEAVIEST_G, `between ${LIGHTEST_G} and ${HEAVIEST_G} g`)
      .nullable(),
    bowBalanceMm: z.number().positive('must be above 0 mm').nullable(),
    holdId: holdIdSchema,
    settings: settingsSchema,
  })
  .strict()
  .refine(
    ({ instrument, holdId }) =>
      !HOLD_IDS.includes(holdId) || holdsFor(instrument).some((hold) => hold.id === holdId),
    { path: ['holdId'], error: 'this hold belongs to another instrument' },
  )
  .superRefine(({ bowBalanceMm, bowSize }, context) => {
    const endMm = Math.round(longestBowMm(bowSize));
    if (bowBalanceMm === null || bowBalanceMm < endMm) return;
    const message = `${bowBalanceMm} mm from the button lies beyond the end of such a bow, about ${endMm} mm`;
    context.addIssue({ code: 'custom', path: ['bowBalanceMm'], message });
  });

/** Of whatever kind: an own hold may be on any. */
const longestBowMm = (size: BowSize): number =>
  Math.max(...PRESET_KINDS.map((kind) => bowPreset(kind, size).lengthMm));

export type Setup = z.infer<typeof setupSchema>;
