import { z } from 'zod';
import {
  CONTEXTS,
  FAMILIES,
  MEASURE_IDS,
  PLACES,
  STANDINGS,
  VERDICTS,
} from '@open-palm/core/measure';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';
import { contactsSchema } from './measureSchema';
import { bowSizeSchema, settingsSchema } from './setup';

/** A number of a look, short, because a history has thousands: checkpoint, place, value, SD, band, verdict. */
export const trackedNumberSchema = z.tuple([
  z.enum(MEASURE_IDS),
  z.enum(PLACES).nullable(),
  z.number(),
  z.number(),
  z.number().nullable(),
  z.number().nullable(),
  z.enum(VERDICTS),
]);

/** A look as its history needs it. */
export const trackCheckSchema = z.object({
  id: idSchema,
  takenAt: z.string(),
  context: z.enum(CONTEXTS),
  standings: z.record(z.enum(FAMILIES), z.enum(STANDINGS)),
  numbers: z.array(trackedNumberSchema),
  /** By what it was judged: a change of it is a new beginning. */
  grip: z.object({
    holdId: z.string(),
    holdVersion: z.number().int(),
    settings: settingsSchema,
    bowSize: bowSizeSchema,
    bandsOff: z.literal(true).optional(),
  }),
});

/** Every look at a hold, oldest first, with what is drawn of each. */
export const historySchema = z.object({
  setupId: idSchema,
  /** Looks of which nothing is worked out yet: they are not among those that are told. */
  workingOut: z.number().int().default(0),
  checks: lenientArray(trackCheckSchema.extend({ contacts: contactsSchema })),
});

/** How a hold on one instrument stands over the weeks, as lists need it. */
export const setupTrackSchema = z.object({
  setupId: idSchema,
  goodInRow: z.number().int(),
  settled: z.boolean(),
  last: z.enum(['good', 'unsure', 'outOnce', 'lapse', 'notYet', 'nothingSeen']).nullable(),
  unsureInRow: z.number().int(),
  /** Dates of the student's calendar. */
  lastOn: z.iso.date().nullable(),
  dueOn: z.iso.date().nullable(),
  drifts: z.array(z.object({ series: z.string(), sinceOn: z.iso.date() })),
});

export type TrackedNumber = z.infer<typeof trackedNumberSchema>;
export type TrackCheck = z.infer<typeof trackCheckSchema>;
export type HandHistory = z.infer<typeof historySchema>;
export type HistoryCheck = HandHistory['checks'][number];
export type SetupTrack = z.infer<typeof setupTrackSchema>;
