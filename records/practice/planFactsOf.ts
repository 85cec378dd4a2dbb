import type { LogEntry, Student } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import type { Need } from '@open-palm/core/practice';
import type { PlanDay, PlanFacts } from '@open-palm/core/practice/plan';
import { openPainFlags } from '../log';
import { dateOfDay, dayOfDate } from '../time';
import type { KnownDrill } from './drillHistories';
import { plansOf, practisedTurns } from './practised';

/** What the teacher settles for a plan. */
export interface PlanWishes {
  /** The first day of practice and the day of the lesson, as 2026-11-26. */
  from: string;
  lesson: string;
  minutesADay: number;
  withoutInstrument: readonly string[];
  has: readonly Need[];
  locked: readonly string[];
  dropped: readonly string[];
  /** Drills that are in just one phase, counted from 1. */
  moved: Readonly<Record<string, number>>;
  /** Stages that the teacher has opened. */
  stages: Readonly<Record<string, number>>;
}

/** Days of a plan: from the first on, without the day of the lesson. */
export const planDays = ({
  from,
  lesson,
  withoutInstrument,
}: Pick<PlanWishes, 'from' | 'lesson' | 'withoutInstrument'>): PlanDay[] =>
  Array.from({ length: Math.max(0, dayOfDate(lesson) - dayOfDate(from)) }, (_, i) => {
    const day = dayOfDate(from) + i;
    return { day, withInstrument: !withoutInstrument.includes(dateOfDay(day)) };
  });

/** What a plan for a student rests on. */
export function planFactsOf({
  student,
  hold,
  log,
  causes,
  known,
  wishes,
  year,
}: {
  student: Pick<Student, 'birthYear' | 'level' | 'bands'>;
  hold: Pick<Hold, 'bow' | 'tests'>;
  /** Newest first. */
  log: readonly LogEntry[];
  causes: Readonly<Record<string, number>>;
  known: Readonly<Record<string, KnownDrill>>;
  wishes: PlanWishes;
  /** The year of today. */
  year: number;
}): PlanFacts {
  const carried = log.find((entry) => entry.kind === 'test' && entry.test === 'free-carry');
  const stages = { ...wishes.stages };
  const history = Object.fromEntries(
    [...new Set([...Object.keys(known), ...Object.keys(stages)])].map((drill) => {
      const { stage = 1, daysDone = 0, effectScale = 1 } = known[drill] ?? {};
      return [drill, { stage: Math.max(stage, stages[drill] ?? 1), daysDone, effectScale }];
    }),
  );
  return {
    days: planDays(wishes),
    minutesADay: wishes.minutesADay,
    hold: { bow: hold.bow, tests: hold.tests },
    student: {
      age: student.birthYear === null ? null : year - student.birthYear,
      level: student.level,
      // Bands are off where joints are hypermobile.
      isHypermobile: student.bands === 'off',
      hurts: openPainFlags(log).length > 0,
      wasTired: wasTired(log),
      carrySeconds: carried?.kind === 'test' ? (carried.result.seconds ?? null) : null,
    },
    has: wishes.has,
    causes,
    history,
    locked: wishes.locked,
    dropped: wishes.dropped,
    moved: wishes.moved,
  };
}

/** Whether the last day that loaded the little finger fully was told to have tired. */
function wasTired(log: readonly LogEntry[]): boolean {
  for (const plan of plansOf(log)) {
    const loads = new Set(
      plan.days.flatMap(({ on, drills }) =>
        drills.flatMap(({ drill, load }) => (load === 2 ? [`${on} ${drill}`] : [])),
      ),
    );
    const loaded = practisedTurns(log, plan.id).filter(({ day, drill }) =>
      loads.has(`${day} ${drill}`),
    );
    const last = loaded.at(-1);
    if (last) return last.felt === 'tired';
  }
  return false;
}
