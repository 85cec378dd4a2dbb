import { z } from 'zod';
import { CONTEXTS, FAMILIES, PLACES, STANDINGS, VIEWS } from '@open-palm/core/measure';
import { seenSignsSchema } from './check';
import { badgeSchema } from './drawnHand';
import { fittedHandSchema } from './fit';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';
import { logEntrySchema, ownCueSchema } from './lessonLog';
import { contactsSchema, mergedMeasureSchema } from './measureSchema';
import { ownHoldSchema } from './ownHold';
import { relaxedHandSchema } from './relaxedHand';
import { keptStudentSchema } from './student';
import { setupTrackSchema } from './track';

const standingsSchema = z.record(z.enum(FAMILIES), z.enum(STANDINGS));

/** A line of a student's history. */
export const checkSummarySchema = z.object({
  id: idSchema,
  takenAt: z.string(),
  context: z.enum(CONTEXTS),
  pictures: z.array(
    z.object({ id: idSchema, view: z.enum(VIEWS), place: z.enum(PLACES).nullable() }),
  ),
  /** How many checkpoints were answered by tap. */
  taps: z.number().int(),
  standings: standingsSchema,
});

/** A measure with the check that it comes from. */
export const datedMeasureSchema = z.object({
  checkId: idSchema,
  takenAt: z.string(),
  context: z.enum(CONTEXTS),
  merged: mergedMeasureSchema,
});

/** How a student's hold on one instrument was last seen: by measure, because no one picture shows everything. */
export const handFileSchema = z.object({
  workingOut: z.number().int().default(0),
  student: keptStudentSchema,
  /** The instrument that the rest is about. */
  setupId: idSchema,
  /** The teacher's own holds, for those setups that point to one. */
  ownHolds: lenientArray(ownHoldSchema),
  relaxedHand: relaxedHandSchema.nullable(),
  history: lenientArray(checkSummarySchema),
  /** The newest value of each measure, and the one before it. */
  lastSeen: lenientArray(
    z.object({ latest: datedMeasureSchema, previous: datedMeasureSchema.nullable() }),
  ),
  standings: standingsSchema,
  contacts: contactsSchema,
  /** The newest hand that was fitted to several pictures. */
  fittedHand: fittedHandSchema.nullable().default(null),
  /** Signs that only a person sees, each from the newest look that told of it. */
  signs: seenSignsSchema,
  /** What was said, tried, overruled and timed in lessons, newest first; flags that it hurts are always among it. */
  log: lenientArray(logEntrySchema),
  /** The teacher's own cues, for whichever student they were first said. */
  ownCues: lenientArray(ownCueSchema),
});

/** A student in the list. */
export const studentListItemSchema = z.object({
  student: keptStudentSchema,
  lastCheckAt: z.string().nullable(),
  standings: standingsSchema,
  /** Of the main instrument; null until the studio has drawn it. A drawing that cannot be read is left out. */
  badge: badgeSchema.nullable().default(null).catch(null),
  /** How the holds stand over the weeks, on every instrument that is played. */
  tracks: lenientArray(setupTrackSchema),
  /** What is open with this student: that it hurts, what was agreed, aids and their steps. */
  open: lenientArray(logEntrySchema),
});

/** How many instruments are still worked out while this is answered: what stands of them may be of a moment ago. */
const workingOut = z.number().int().default(0);

export const studentListSchema = z.object({
  workingOut,
  /** Records of the studio that could not be read and were left out. */
  unreadable: z.number().int().default(0),
  students: lenientArray(studentListItemSchema),
  ownHolds: lenientArray(ownHoldSchema),
});

export type CheckSummary = z.infer<typeof checkSummarySchema>;
export type DatedMeasure = z.infer<typeof datedMeasureSchema>;
export type HandFile = z.infer<typeof handFileSchema>;
export type StudentListItem = z.infer<typeof studentListItemSchema>;
