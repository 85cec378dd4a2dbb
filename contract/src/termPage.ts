import { z } from 'zod';
import { FAMILIES, MEASURE_IDS } from '@open-palm/core/measure';
import { PORTRAIT_VIEWS } from '@open-palm/core/portrait/views';
import { dateSchema } from './bounds';
import { idSchema } from './ids';
import { contactsSchema } from './measureSchema';
import { PAPERS } from './paperCard';

/** For whom a page of a term is written. */
export const TERM_READERS = ['parents', 'audition', 'student'] as const;

/** More is not read. */
export const MOST_TERM_LINES = 10;
const MOST_LOOKS = 400;

const line = z.string().trim().max(300);
const lines = z.array(line.min(1)).max(MOST_TERM_LINES);

/** What a page of a term says, in the teacher's words. */
export const termWordsSchema = z
  .object({
    title: line.min(1).max(120),
    opening: z.string().trim().max(600),
    /** A line under each family's weeks; a family without one is left out. */
    families: z.partialRecord(z.enum(FAMILIES), line),
    changed: lines,
    worked: lines,
    /** What was practised at home; null leaves it out. */
    practised: line.nullable(),
    /** How to help; an empty one is left out. */
    help: line,
  })
  .strict();

/** A page of a term, as it was given. */
export const termPageBody = {
  reader: z.enum(TERM_READERS),
  from: dateSchema,
  until: dateSchema,
  /** From where the hands are drawn; null leaves them out. */
  view: z.enum(PORTRAIT_VIEWS).nullable(),
  words: termWordsSchema,
};

export const TERM_STATES = ['in', 'unsure', 'out', 'none'] as const;

/** A look in a family's weeks: when within the term (0 to 1), its room and the doubt of it, and how it stood. */
const pointSchema = z
  .object({
    at: z.number().min(0).max(1),
    value: z.number().min(-1e4).max(1e4),
    sd: z.number().min(0).max(1e4),
    state: z.enum(TERM_STATES),
  })
  .strict();

/** What was known of a hold at a time, to be drawn. */
const gripSchema = z
  .object({
    contacts: contactsSchema,
    measures: z.partialRecord(z.enum(MEASURE_IDS), z.union([z.number(), z.string().max(40)])),
  })
  .strict();

/** A page of a term to be printed: its words as the teacher left them and what is charted; the studio draws the hands. */
export const paperTermSchema = z
  .object({
    paper: z.enum(PAPERS),
    studentId: idSchema,
    setupId: idSchema,
    view: z.enum(PORTRAIT_VIEWS).nullable(),
    words: termWordsSchema,
    /** What stands on every such page, in the app's language. */
    heads: z
      .object({
        dates: line,
        then: line,
        now: line,
        dashed: line,
        families: z.record(z.enum(FAMILIES), line),
        chart: line,
        changed: line,
        worked: line,
        practised: line,
        help: line,
        caution: line,
      })
      .strict(),
    charts: z.partialRecord(z.enum(FAMILIES), z.array(pointSchema).max(MOST_LOOKS)),
    /** The hold at the beginning and at the end; null where there are not two looks. */
    hands: z.object({ then: gripSchema, now: gripSchema }).strict().nullable(),
  })
  .strict();

export type TermReader = (typeof TERM_READERS)[number];
export type TermWords = z.infer<typeof termWordsSchema>;
export type PaperTerm = z.infer<typeof paperTermSchema>;
export type TermPoint = z.infer<typeof pointSchema>;
