import type { LogEntryOf } from '@open-palm/contract';
import type { Plan } from '@open-palm/core/practice/plan';
import type { PlanWishes } from '@open-palm/records/practice';
import { dateOfDay } from '@open-palm/records/time';

/** A plan as it is kept. */
export function keptPlan(
  { days }: Pick<Plan, 'days'>,
  { lesson, minutesADay, withoutInstrument, has }: PlanWishes,
  causes: Readonly<Record<string, number>>,
): Omit<
  LogEntryOf<'plan'>,
  'id' | 'studentId' | 'setupId' | 'madeAt' | 'kind' | 'replaces' | 'called'
> {
  const stages: Record<string, number> = {};
  for (const { drill, stage } of days.flatMap(({ drills }) => drills)) {
    if (stage > 1) stages[drill] = stage;
  }
  return {
    lesson,
    minutesADay: Math.max(1, minutesADay),
    withoutInstrument: [...withoutInstrument],
    has: [...has],
    causes: { ...causes },
    stages,
    days: days.map(({ day, phase, drills }) => ({ on: dateOfDay(day), phase, drills })),
  };
}
