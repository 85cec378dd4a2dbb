import { z } from 'zod';
import {
  CONTEXTS,
  FAMILIES,
  MEASURE_IDS,
  STANDINGS,
  VERDICTS,
  VIEWS,
} from '@open-palm/core/measure';
import { idSchema } from './ids';
import { contactsSchema, measureSchema } from './measureSchema';
import { studentSchema } from './student';

const standingsSchema = z.record(z.enum(FAMILIES), z.enum(STANDINGS));

/** A line of a student's history. */
export const checkSummarySchema = z.object({
  id: idSchema,
  takenAt: z.string(),
  context: z.enum(CONTEXTS),
  view: z.enum(VIEWS),
  pictureId: idSchema,
  standings: standingsSchema,
});

/** A measure with the check that it comes from. */
export const datedMeasureSchema = z.object({
  checkId: idSchema,
  takenAt: z.string(),
  context: z.enum(CONTEXTS),
  measure: measureSchema,
});

/** How a student's hold was last seen: by measure, because no one picture shows everything. */
export const handFileSchema = z.object({
  student: studentSchema,
  history: z.array(checkSummarySchema),
  /** The newest value of each measure, and the one before it. */
  lastSeen: z.array(
    z.object({ latest: datedMeasureSchema, previous: datedMeasureSchema.nullable() }),
  ),
  standings: standingsSchema,
  contacts: contactsSchema,
});

/** A student in the list, with what the small portrait needs. */
export const studentListItemSchema = z.object({
  student: studentSchema,
  lastCheckAt: z.string().nullable(),
  standings: standingsSchema,
  contacts: contactsSchema,
  thumbIpFlexionDeg: z.number().nullable(),
  verdicts: z.partialRecord(z.enum(MEASURE_IDS), z.enum(VERDICTS)),
});

export const studentListSchema = z.object({ students: z.array(studentListItemSchema) });

export type CheckSummary = z.infer<typeof checkSummarySchema>;
export type DatedMeasure = z.infer<typeof datedMeasureSchema>;
export type HandFile = z.infer<typeof handFileSchema>;
export type StudentListItem = z.infer<typeof studentListItemSchema>;
