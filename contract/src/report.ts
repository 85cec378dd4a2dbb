import { z } from 'zod';
import { problemText } from '@open-palm/core/problem';
import { idSchema } from './ids';

/** The most points that a report makes: what blocks the student later comes first, and more is not read. */
export const MOST_POINTS = 6;

const text = z.string().trim().max(1000);

/** Feedback on one check in the teacher's words: a few points in order. */
export const reportInputSchema = z
  .object({
    /** All that is to be read stands in the report itself: heading, caution and the names of the pictures too. */
    title: text.min(1).max(200),
    opening: text,
    points: z.array(text.min(1)).min(1).max(MOST_POINTS),
    closing: text,
    caution: text,
    /** A line under each picture of the check, in order. */
    captions: z.array(z.string().max(200)).max(12),
    /** Lines under the drawn hand as it was seen and as it is wanted; null leaves the drawings out. */
    drawing: z.object({ seen: text, wanted: text }).strict().nullable().default(null),
  })
  .strict();

export const reportSchema = reportInputSchema.extend({
  checkId: idSchema,
  version: z.number().int().positive().default(1),
  /** When it was last put into the outbox for mail, if ever. */
  mailedAt: z.string().nullable(),
});

/** What is written of a kept report, as an edit sends it. */
export const reportInputOf = ({
  checkId: _,
  version: __,
  mailedAt: ___,
  ...input
}: Report): ReportInput => input;

/** To whom a report goes. */
export const mailInputSchema = z.object({ to: z.email(problemText('address')).max(200) }).strict();

/** Where the mail file lies, below the studio's data folder. */
export const mailSchema = z.object({ file: z.string() });

export type ReportInput = z.infer<typeof reportInputSchema>;
export type Report = z.infer<typeof reportSchema>;

/** A report's body as plain text, its points numbered; the title stands elsewhere. */
export const reportText = ({ opening, points, closing, caution }: ReportInput): string =>
  [opening, points.map((point, i) => `${i + 1}. ${point}`).join('\n\n'), closing, caution]
    .filter((part) => part !== '')
    .join('\n\n');
