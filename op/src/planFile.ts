import { readOpPlanFile, type OpPlanFile } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { DRILLS, learnEffect } from '@open-palm/core/practice';
import {
  makePlan,
  relaxedLimits,
  SAFETY,
  usualMinutes,
  type NoPlan,
  type PlanFacts,
  type PlannedDrill,
  type PlanLimits,
  type Relaxed,
  type SolveProgramme,
} from '@open-palm/core/practice/plan';
import { dateOfDay, dayOfDate } from '@open-palm/records/time';

/** What is practised until the next lesson, days as dates. */
export interface PlanAnswer {
  /** Why there is no plan; null where there is one. */
  none: NoPlan | null;
  days: { on: string; phase: number | null; minutes: number; drills: PlannedDrill[] }[];
  limits: PlanLimits | null;
  worth: number;
  /** The limit that binds most, and what one step more of it would bring; null where none does. */
  binding: (Relaxed & { isSafety: boolean }) | null;
  /** What one more minute a day would bring, as a share of what the plan is worth, and to which cause most of it. */
  oneMoreMinute: Omit<Relaxed, 'limit'> | null;
  /** What is learned of drills that were practised before. */
  learned: Record<string, { mean: number; periods: number; says: string | null }>;
}

/**
 * A plan until the next lesson.
 *
 * @param content parsed JSON
 * @throws InputError with everything that is wrong with the file
 */
export function planFile(content: unknown, solve: SolveProgramme): PlanAnswer {
  const file = readOpPlanFile(content);
  const learned = learnedOf(file);
  const facts = factsOf(file, learned);
  const answer = makePlan(facts, solve);
  const told = Object.fromEntries(
    Object.entries(learned).map(([id, { mean, periods, says }]) => [id, { mean, periods, says }]),
  );
  if (answer.kind === 'none') {
    return {
      none: answer.why,
      days: [],
      limits: null,
      worth: 0,
      binding: null,
      oneMoreMinute: null,
      learned: told,
    };
  }
  const relaxed = relaxedLimits(facts, solve);
  const [first] = relaxed;
  const minute = relaxed.find(({ limit }) => limit === 'minutesADay');
  const { days, limits, worth } = answer.plan;
  return {
    none: null,
    days: days.map(({ day, phase, minutes, drills }) => ({
      on: dateOfDay(day),
      phase,
      minutes,
      drills,
    })),
    limits,
    worth,
    binding: first && first.gain > 0 ? { ...first, isSafety: SAFETY.includes(first.limit) } : null,
    oneMoreMinute: minute ? { gain: minute.gain, cause: minute.cause } : null,
    learned: told,
  };
}

/** What is learned of each drill's strongest effect. */
const learnedOf = ({ history }: OpPlanFile) =>
  Object.fromEntries(
    Object.entries(history).map(([id, { periods }]) => {
      const { trains, trainsAll } = DRILLS.find((drill) => drill.id === id)!;
      return [id, learnEffect(Math.max(trainsAll ?? 0, ...Object.values(trains)), periods)];
    }),
  );

function factsOf(file: OpPlanFile, learned: ReturnType<typeof learnedOf>): PlanFacts {
  const [from, lesson] = [dayOfDate(file.from), dayOfDate(file.lesson)];
  return {
    days: Array.from({ length: lesson - from }, (_, i) => ({
      day: from + i,
      withInstrument: !file.withoutInstrument.includes(dateOfDay(from + i)),
    })),
    minutesADay: file.minutesADay ?? usualMinutes(file.age),
    hold: holdById(file.hold),
    student: {
      age: file.age,
      level: file.level,
      isHypermobile: file.hypermobile,
      hurts: file.hurts,
      wasTired: file.tired,
      carrySeconds: file.carrySeconds,
    },
    has: file.has,
    causes: file.causes,
    history: Object.fromEntries(
      Object.entries(file.history).map(([id, { stage, daysDone }]) => [
        id,
        { stage, daysDone, effectScale: learned[id]!.scale },
      ]),
    ),
    locked: file.locked,
    dropped: file.dropped,
  };
}
