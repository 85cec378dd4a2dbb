import type { CheckInput, Lesson, LogEntry, StudentInput } from '@open-palm/contract';
import type { Context, MeasureId, View } from '@open-palm/core/measure';
import type { Course } from './demoCourse';
import type { DemoPlan } from './demoPractice';

type Setup = Omit<StudentInput['setups'][number], 'id'>;

/** A look at a demo student's hold: which rendered pictures and which answers by tap, when, and where in the bow. */
export interface DemoLook {
  daysAgo: number;
  context: Context;
  pictures: readonly { grip: string; view: View }[];
  taps?: CheckInput['taps'];
  readiness?: CheckInput['readiness'];
  /** Whether all of the hand that can be seen was marked, not only what the view is asked for. */
  wholeHand?: true;
}

/** Something that happened in a lesson: what came of a cue, that it hurt, what was agreed. */
export interface DemoEntry {
  daysAgo: number;
  /** Which look it belongs to, counted from the first that is told; from −1 backwards, one of the course before. */
  look?: number;
  /** A day in it is `{ inDays: n }`. */
  entry: Record<string, unknown> & { kind: LogEntry['kind'] };
}

export interface DemoStudent {
  about: Omit<StudentInput, 'setups' | 'lesson'>;
  /** In the studio's time zone, unless the student is elsewhere. */
  lesson: (Pick<Lesson, 'day' | 'at'> & { timeZone?: string }) | null;
  /** Each instrument with the looks at its hold: a course of months, and those that are told by themselves. */
  setups: readonly {
    setup: Setup;
    course?: Course;
    looks: readonly DemoLook[];
    log?: readonly DemoEntry[];
    /** What was planned for the days between lessons, the oldest first. */
    practice?: readonly DemoPlan[];
  }[];
}

export const about = (
  name: string,
  birthYear: number,
  skinTone: StudentInput['skinTone'],
  more: Partial<DemoStudent['about']> = {},
): DemoStudent['about'] => ({
  name,
  side: 'right',
  birthYear,
  middleFingerMm: null,
  skinTone,
  level: 'intermediate',
  photos: 'allowed',
  bands: 'on',
  audits: false,
  ...more,
});

export const on = (
  instrument: Setup['instrument'],
  holdId: string,
  more: Partial<Setup> = {},
): Setup => ({
  instrument,
  holdId,
  bowSize: '4/4',
  frogLengthMm: null,
  bowMassG: null,
  bowBalanceMm: null,
  settings: {},
  ...more,
});

export const violin = on('violin', 'violin-shallow', { frogLengthMm: 46 });

export const look = (
  daysAgo: number,
  context: Context,
  grip: string,
  ...views: readonly View[]
): DemoLook => ({ daysAgo, context, pictures: views.map((view) => ({ grip, view })) });

export const fine = (...measures: MeasureId[]): CheckInput['taps'] =>
  measures.map((measure) => ({ measure, answer: { kind: 'fine' } }));

export const value = (measure: MeasureId, at: number, sd: number): CheckInput['taps'][number] => ({
  measure,
  answer: { kind: 'value', value: at, sd },
});

export const is = (measure: MeasureId, category: string): CheckInput['taps'][number] => ({
  measure,
  answer: { kind: 'category', category },
});

export const said = (
  daysAgo: number,
  look: number,
  cause: string,
  cue: string,
  outcome: 'worked' | 'notYet',
): DemoEntry => ({ daysAgo, look, entry: { kind: 'cue', cause, cue, outcome } });

export const promised = (daysAgo: number, words: string, inDays: number): DemoEntry => ({
  daysAgo,
  entry: { kind: 'promise', words, due: { inDays } },
});

/** A checkpoint that goes its way over the months: degrees and joint units as an eye reads them. */
export const bend = (
  measure: MeasureId,
  from: number,
  more: Partial<Course['lines'][number]> = {},
) => ({
  measure,
  from,
  sd: 3,
  eye: 5,
  ...more,
});

export const depth = (
  measure: MeasureId,
  from: number,
  more: Partial<Course['lines'][number]> = {},
) => ({ measure, from, sd: 0.08, eye: 0.1, ...more });

export const place = (
  measure: MeasureId,
  from: number,
  more: Partial<Course['lines'][number]> = {},
) => ({ measure, from, sd: 2, eye: 3, ...more });
