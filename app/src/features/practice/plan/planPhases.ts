import type { Plan, PlannedDrill } from '@open-palm/core/practice/plan';

/** A drill of a phase, with the days of the phase on which it is done. */
export interface PhaseDrill extends PlannedDrill {
  days: number[];
}

/** Days with the same drills. */
export interface PlanPhase {
  /** Counted from 1. */
  phase: number;
  days: number[];
  drills: PhaseDrill[];
  /** Of its fullest day. */
  minutes: number;
}

/** A plan by its phases: each drill once, in the order in which it comes. */
export function planPhases({ days }: Pick<Plan, 'days'>): PlanPhase[] {
  const phases = new Map<number, PlanPhase>();
  for (const { day, phase, drills, minutes } of days) {
    if (phase === null) continue;
    const of = phases.get(phase) ?? { phase, days: [], drills: [], minutes: 0 };
    phases.set(phase, of);
    of.days.push(day);
    of.minutes = Math.max(of.minutes, minutes);
    for (const drill of drills) {
      const known = of.drills.find((one) => one.drill === drill.drill);
      if (known) known.days.push(day);
      else of.drills.push({ ...drill, days: [day] });
    }
  }
  return [...phases.values()];
}

/** The days of rest of a plan. */
export const restsOf = ({ days }: Pick<Plan, 'days'>): number[] =>
  days.flatMap(({ day, phase }) => (phase === null ? [day] : []));
