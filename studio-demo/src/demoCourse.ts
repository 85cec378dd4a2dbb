import type { CheckInput } from '@open-palm/contract';
import type { Context, MeasureId } from '@open-palm/core/measure';

/** How a checkpoint goes over the half-year: from where, to where, how much it differs from week to week. */
export interface Line {
  measure: MeasureId;
  /** Value at the beginning, and at the end if it goes somewhere. */
  from: number;
  to?: number;
  /** The part of the time after which it begins to go, 0 to 1. */
  after?: number;
  /** SD from one forming of the hold to the next. */
  sd: number;
  /** Doubt of the eye that reads it. */
  eye: number;
  /** Values by context, where they differ. */
  by?: Partial<Record<Context, number>>;
}

/** A model of a student from which a half-year of weekly looks is drawn. */
export interface Course {
  /** Weeks of looks before the first one that is told by itself. */
  weeks: number;
  /** Weeks from one look to the next. */
  every?: number;
  /** Contexts in turn; two in one list are looks of the same lesson. */
  contexts: readonly (readonly Context[])[];
  lines: readonly Line[];
  /** What is only told to be good. */
  fine?: readonly MeasureId[];
  /** What is only named, until which part of the time. */
  named?: readonly { measure: MeasureId; category: string; from?: number; until?: number }[];
  /** A hold that was taught before: until which part of the time. */
  before?: { holdId: string; until: number };
}

/** A lesson is missed when a normal number is further from 0 than this: one week in eight. */
const MISSED_ABOVE = 1.53;

/** A look that was drawn from a student's model. */
export interface CourseLook {
  /** Weeks before the first look that is told by itself. */
  weeksBefore: number;
  context: Context;
  taps: CheckInput['taps'];
  /** The hold that was taught then, if another. */
  holdId?: string;
}

/**
 * Looks drawn from a student's model, oldest first.
 *
 * @param normal a seeded source of standard normal numbers
 */
export function courseLooks(course: Course, normal: () => number): CourseLook[] {
  const { weeks, every = 1, contexts, lines, named = [], fine = [], before } = course;
  const looks: CourseLook[] = [];
  for (let week = 0; week < weeks; week += every) {
    const part = week / Math.max(1, weeks - every);
    // Whoever comes every week misses some; an audit is kept.
    if (every === 1 && Math.abs(normal()) > MISSED_ABOVE && week > 0) continue;
    for (const context of contexts[(week / every) % contexts.length]!) {
      const holdId = before && part < before.until ? before.holdId : undefined;
      looks.push({
        weeksBefore: weeks - week,
        context,
        taps: [
          ...lines.map((line) => tapOf(line, part, context, normal)),
          ...named
            .filter(({ from = 0, until = 2 }) => part >= from && part < until)
            .map(({ measure, category }): CheckInput['taps'][number] => ({
              measure,
              answer: { kind: 'category', category },
            })),
          ...fine.map((measure): CheckInput['taps'][number] => ({
            measure,
            answer: { kind: 'fine' },
          })),
        ],
        ...(holdId === undefined ? {} : { holdId }),
      });
    }
  }
  return looks;
}

function tapOf(
  { measure, from, to = from, after = 0, sd, eye, by = {} }: Line,
  part: number,
  context: Context,
  normal: () => number,
): CheckInput['taps'][number] {
  const gone = part <= after ? 0 : (part - after) / (1 - after);
  const mean = (by[context] ?? from) + (to - from) * gone;
  const step = eye < 1 ? 0.05 : 1;
  const value = Math.round((mean + sd * normal()) / step) * step;
  return { measure, answer: { kind: 'value', value: Math.round(value * 100) / 100, sd: eye } };
}
