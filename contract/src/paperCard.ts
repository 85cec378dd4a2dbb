import { z } from 'zod';
import { idSchema } from './ids';
import { drillId, MOST_PLAN_DAYS } from './practice';

export const PAPERS = ['A4', 'LETTER'] as const;

const line = z.string().max(400);

/** A practice card to be printed: its words as the app writes them; the studio draws the hands. */
export const paperCardSchema = z
  .object({
    paper: z.enum(PAPERS),
    studentId: idSchema,
    setupId: idSchema,
    title: line,
    until: line,
    lookHelp: line,
    tick: line,
    drills: z
      .array(
        z
          .object({
            drill: drillId,
            name: line,
            dose: line,
            text: z.string().max(1200),
            wrong: line,
            /** Boxes to be ticked, a day each. */
            boxes: z.array(z.number().int().min(0).max(20)).max(MOST_PLAN_DAYS),
          })
          .strict(),
      )
      .max(40),
    days: z.array(z.string().max(20)).max(MOST_PLAN_DAYS),
    notes: z.array(line).max(20),
  })
  .strict();

export type PaperCard = z.infer<typeof paperCardSchema>;
export type Paper = (typeof PAPERS)[number];
