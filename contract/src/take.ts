import { z } from 'zod';
import { CONTEXTS } from '@open-palm/core/measure';
import { problemText } from '@open-palm/core/problem';
import { STROKE_CHANNELS } from '@open-palm/core/stroke/series';
import { instantSchema, positiveSdSchema, secondsSchema, valueSchema } from './bounds';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';

/** More frames than these are no take of a few strokes. */
const MOST_FRAMES = 10_000;

const values = z.array(valueSchema.nullable()).max(MOST_FRAMES).readonly();

/** A recorded stroke or several: what was seen in each frame. */
export const strokeSeriesSchema = z
  .object({
    timesS: z
      .array(secondsSchema)
      .max(MOST_FRAMES, problemText('tooMany', { most: MOST_FRAMES }))
      .readonly(),
    channels: z.partialRecord(z.enum(STROKE_CHANNELS), values),
    noiseSd: z.partialRecord(z.enum(STROKE_CHANNELS), positiveSdSchema).optional(),
    bridgedS: z.number().positive().max(10_000_000).optional(),
  })
  .strict()
  .superRefine(({ timesS, channels }, context) => {
    for (const [name, channel] of Object.entries(channels)) {
      if (channel.length === timesS.length) continue;
      const numbers = { values: channel.length, frames: timesS.length };
      const message = problemText('valuesForFrames', numbers);
      context.addIssue({ code: 'custom', path: ['channels', name], message });
    }
  });

export const strokeCutSchema = z
  .object({
    fromS: secondsSchema,
    toS: secondsSchema,
    direction: z.enum(['down', 'up']).nullable(),
  })
  .strict()
  .refine(({ fromS, toS }) => fromS < toS, problemText('strokeOrder'));

/** Where takes come from: a file of angles, three stills, or frames picked from a clip. */
export const TAKE_SOURCES = ['csv', 'stills', 'clip'] as const;

/** What thumb and little finger were seen to do. */
export const FINGERS_SEEN = ['moving', 'still'] as const;

/** A take of strokes on its way to the studio. */
export const takeInputSchema = z
  .object({
    studentId: idSchema,
    setupId: idSchema,
    takenAt: instantSchema,
    context: z.enum(CONTEXTS),
    source: z.enum(TAKE_SOURCES),
    series: strokeSeriesSchema,
    /** Cuts corrected by hand; null leaves them to the turns. They may be sent again and differ. */
    cuts: z.array(strokeCutSchema).min(1).max(400).nullable(),
    /** Whether a person saw thumb and little finger bend and stretch in it; may be sent again and differ. */
    fingersSeen: z.enum(FINGERS_SEEN).nullable().default(null),
  })
  .strict();

export const takeSchema = takeInputSchema.extend({ id: idSchema });

/** A take as the studio has it, in the version that an edit is based on. */
export const keptTakeSchema = takeSchema.extend({
  version: z.number().int().positive().default(1),
});

export const takeListSchema = z.object({ takes: lenientArray(keptTakeSchema) });

export type TakeInput = z.infer<typeof takeInputSchema>;
export type Take = z.infer<typeof takeSchema>;
export type KeptTake = z.infer<typeof keptTakeSchema>;
