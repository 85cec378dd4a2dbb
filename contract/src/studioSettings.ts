import { z } from 'zod';
import { INSTRUMENTS } from '@open-palm/core/holds';
import { problemText } from '@open-palm/core/problem';
import { timeZoneSchema } from './lesson';

/** How days are written: 30 November 2026, November 30, 2026, or 2026-11-30. */
export const DATE_STYLES = ['dayFirst', 'monthFirst', 'yearFirst'] as const;
export type DateStyle = (typeof DATE_STYLES)[number];

/** How sizes of hands and bows are shown; what is kept is kept in millimetres and grams. */
export const UNITS = ['metric', 'inches'] as const;
export type Units = (typeof UNITS)[number];

/** A name of a person, a studio or a device. */
export const shortNameSchema = z
  .string()
  .trim()
  .min(1, problemText('nameNeeded'))
  .max(80, problemText('tooLong', { most: 80 }));

/** What a studio chose for itself. */
export const studioSettingsSchema = z.object({
  name: shortNameSchema,
  dateStyle: z.enum(DATE_STYLES),
  /** By its calendar days are counted where a student has no lesson time of their own. */
  timeZone: timeZoneSchema,
  /** The instruments taught here, the most usual first. */
  instruments: z
    .array(z.enum(INSTRUMENTS))
    .min(1, problemText('tooFew', { least: 1 }))
    .max(INSTRUMENTS.length),
  units: z.enum(UNITS),
});

export type StudioSettings = z.infer<typeof studioSettingsSchema>;
