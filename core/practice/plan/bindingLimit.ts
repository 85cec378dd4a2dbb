import { solvedWithin, type SolveProgramme } from './makePlan';
import type { Offer } from './offers';
import { planLimits, type PlanFacts, type PlanLimits } from './planFacts';

/** A limit, and what a plan would be worth more if it were one step wider. */
export interface Relaxed {
  limit: keyof PlanLimits;
  /** As a share of what the plan is worth. */
  gain: number;
  /** The cause that would get most of it; null where nothing would. */
  cause: string | null;
}

/** Limits that keep a hand safe: they are named, never offered to be widened. */
export const SAFETY: readonly (keyof PlanLimits)[] = ['loadMinutes'];

const STEP: PlanLimits = { minutesADay: 1, drillsADay: 1, newShapes: 1, loadMinutes: 1 };
/** A smaller gain is none. */
const LEAST_GAIN = 1e-6;

/** Whether a limit can hold anything back at all: where all that is offered lies within it, a wider one brings nothing. */
function canBind(limit: keyof PlanLimits, limits: PlanLimits, offers: readonly Offer[]): boolean {
  const minutes = (of: readonly Offer[]) =>
    of.reduce((sum, { minutesATurn, turnsADay }) => sum + minutesATurn * turnsADay, 0);
  switch (limit) {
    case 'minutesADay':
      return minutes(offers) > limits.minutesADay;
    case 'drillsADay':
      return offers.length > limits.drillsADay;
    case 'newShapes':
      return offers.filter(({ drill }) => drill.newShape).length > limits.newShapes;
    case 'loadMinutes':
      return minutes(offers.filter(({ load }) => load === 2)) > limits.loadMinutes;
  }
}

/**
 * Each limit relaxed by one step and solved again, the largest gain first: which limit binds, and what one more minute a day would bring.
 */
export function relaxedLimits(facts: PlanFacts, solve: SolveProgramme): Relaxed[] {
  const limits = planLimits(facts);
  const now = solvedWithin(facts, limits, solve);
  if (!now || now.worth === 0) return [];
  return (Object.keys(STEP) as (keyof PlanLimits)[])
    .map((limit): Relaxed => {
      if (!canBind(limit, limits, now.offers)) return { limit, gain: 0, cause: null };
      const wider = { ...limits, [limit]: limits[limit] + STEP[limit] };
      const then = solvedWithin(facts, wider, solve)!;
      const gain = (then.worth - now.worth) / now.worth;
      const gains = Object.entries(then.byCause)
        .map(([cause, worth]) => [cause, worth - (now.byCause[cause] ?? 0)] as const)
        .sort(([, a], [, b]) => b - a);
      const [most] = gains;
      return {
        limit,
        gain: gain > LEAST_GAIN ? gain : 0,
        cause: gain > LEAST_GAIN && most && most[1] > 0 ? most[0] : null,
      };
    })
    .sort((a, b) => b.gain - a.gain);
}
