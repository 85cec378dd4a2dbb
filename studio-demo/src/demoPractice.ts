import {
  logEntrySchema,
  type LogEntry,
  type PractisedTurn,
  type Student,
} from '@open-palm/contract';
import type { KeptPlan } from '@open-palm/records/practice';
import { calendarDay, dateOfDay, dayOfDate, nextLessonDate } from '@open-palm/records/time';

/** A plan between two lessons, and how much of it was done. */
export interface DemoPlan {
  /** How many lessons before the next one it ended: 0 for the plan that runs. */
  before: number;
  causes: Record<string, number>;
  minutesADay: number;
  drills: readonly [drill: string, turns: number, minutes: number][];
  /** The share of turns that was done, how days felt, and how many days ago the card was shown. */
  done?: { share: number; felt: readonly ('easy' | 'fine' | 'tired')[]; shownDaysAgo?: number };
}

const WEEK = 7;

/**
 * The plans of a student with their logs, counted back from the next lesson. A day in seven is for rest.
 *
 * @param normal a seeded source, mean 0, SD 1
 */
export function demoPractice(
  plans: readonly DemoPlan[],
  student: Student,
  setupId: string,
  {
    today,
    zone,
    nextId,
    normal,
  }: { today: Date; zone: string; nextId: () => string; normal: () => number },
): LogEntry[] {
  const now = calendarDay(today, zone);
  const next = student.lesson
    ? dayOfDate(nextLessonDate(student.lesson, dateOfDay(now)))
    : now + WEEK;
  const made: LogEntry[] = [];
  let replaces: string | null = null;
  for (const { before, causes, minutesADay, drills, done } of plans) {
    const lesson = next - WEEK * before;
    const shared = { studentId: student.id, setupId };
    const first = lesson - WEEK + 1;
    const plan = logEntrySchema.parse({
      ...shared,
      id: nextId(),
      madeAt: noon(Math.min(first - 1, now), today),
      kind: 'plan',
      replaces,
      called: student.name.split(' ')[0],
      lesson: dateOfDay(lesson),
      minutesADay,
      withoutInstrument: [],
      has: [],
      causes,
      stages: {},
      days: Array.from({ length: WEEK - 1 }, (_, i) => ({
        on: dateOfDay(first + i),
        phase: i < 3 ? 1 : 2,
        drills: drills.map(([drill, turns, minutesATurn]) => ({
          drill,
          stage: 1,
          turns,
          minutesATurn,
          load: 0,
        })),
      })),
    }) as KeptPlan;
    replaces = plan.id;
    made.push(plan);
    if (!done) continue;
    const shown = done.shownDaysAgo === undefined ? Math.min(lesson, now) : now - done.shownDaysAgo;
    const entries = turnsOf(plan, done, shown, normal);
    if (entries.length === 0) continue;
    made.push(
      logEntrySchema.parse({
        ...shared,
        id: nextId(),
        madeAt: noon(shown, today),
        kind: 'practised',
        of: plan.id,
        via: 'card',
        entries,
      }),
    );
  }
  return made;
}

/** Noon of a day, and never later than now. */
function noon(day: number, today: Date): string {
  const at = new Date(`${dateOfDay(day)}T12:00:00`);
  return new Date(Math.min(at.getTime(), today.getTime() - 60_000)).toISOString();
}

/** What of a plan was done before a day: most of it, and the last drill of a day least. */
function turnsOf(
  { days }: KeptPlan,
  { share, felt }: NonNullable<DemoPlan['done']>,
  until: number,
  normal: () => number,
): PractisedTurn[] {
  return days
    .filter(({ on }) => dayOfDate(on) < until)
    .flatMap(({ on, drills }, i) => {
      if (0.5 + 0.29 * normal() > share + 0.25) return [];
      const how = felt[i % felt.length]!;
      return drills.flatMap(({ drill, stage, turns, minutesATurn }) =>
        Array.from({ length: turns }, (_, turn) => ({
          day: on,
          drill,
          stage,
          turn: turn + 1,
          seconds: Math.max(20, Math.round(60 * minutesATurn + 9 * normal())),
          result: normal() > 1.9 ? ('hard' as const) : ('done' as const),
          felt: how,
        })).filter(() => 0.5 + 0.29 * normal() < share),
      );
    });
}
