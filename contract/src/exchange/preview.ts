import { z } from 'zod';
import { PROBLEM_CODES } from '@open-palm/core/problem';

/** Whether 03/04/2026 is the third of April or the fourth of March. */
export const DATE_ORDERS = ['dayFirst', 'monthFirst'] as const;

export type DateOrder = (typeof DATE_ORDERS)[number];

/** How many cells can be written anew at once. */
export const MOST_CORRECTIONS = 12;

/** Cells that a person wrote anew, in a file that stays as it is. */
export const correctionsSchema = z
  .array(
    z
      .object({
        row: z.number().int().positive(),
        column: z.string().max(60),
        value: z.string().max(400),
      })
      .strict(),
  )
  .max(1000);

const rowIssueSchema = z.object({
  row: z.number().int().nullable(),
  column: z.string().nullable(),
  problem: z.object({
    code: z.enum(PROBLEM_CODES),
    params: z.record(z.string(), z.union([z.string(), z.number()])).optional(),
  }),
  value: z.string().nullable(),
});

/** What an import would do, told before it is done. */
export const importPreviewSchema = z.object({
  kind: z.enum(['students', 'checks', 'studio']).nullable(),
  /** Of the file as it was read: what is accepted is this very file. */
  sha256: z.string(),
  rows: z.number().int(),
  added: z.object({
    students: z.number().int(),
    holds: z.number().int(),
    checks: z.number().int(),
    log: z.number().int(),
    /** Groups that are made, or in which somebody else sits. */
    groups: z.number().int().default(0),
  }),
  /** Students who are known and of whom something changes. */
  changed: z.array(z.string()),
  /** What is there already and stays as it is. */
  same: z.number().int(),
  /** Looks whose pictures did not come along: their numbers are kept as answers. */
  withoutPictures: z.number().int(),
  /** What was erased or taken away here, and does not come back with a file. */
  gone: z.number().int().default(0),
  /** Columns that say nothing to the studio. */
  leftAlone: z.array(z.string()),
  /** The first of what is wrong; nothing is taken while anything is. */
  issues: z.array(rowIssueSchema),
  issueCount: z.number().int(),
  /** It must be told which number of a date is the day. */
  asksDateOrder: z.boolean(),
  /** The first rows, as they were read. */
  sample: z.array(z.array(z.string())),
  /** True once it was done. */
  done: z.boolean(),
});

/** How far an import is: reading the file, or bringing it in. */
export const importProgressSchema = z.object({
  step: z.enum(['none', 'reading', 'bringing']),
  /** Of what is to be done in this step, from 0 to 1. */
  share: z.number().min(0).max(1),
});

export type ImportProgress = z.infer<typeof importProgressSchema>;
export type Correction = z.infer<typeof correctionsSchema>[number];
export type ImportPreview = z.infer<typeof importPreviewSchema>;
