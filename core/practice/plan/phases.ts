import type { PlanDay } from './planFacts';

/** Days on which the same drills are done. */
export interface Phase {
  days: readonly PlanDay[];
  /** How many days of practice come before it. */
  startsAt: number;
}

/** A plan of so many days or more has a day of rest in every seven. */
const REST_FROM = 7;
const WEEK = 7;
/** The same drills stay for at least three days; they change once from six days of practice on, twice from twelve. [practice; numbers memory] */
const TWO_FROM = 6;
const THREE_FROM = 12;

/** The days of rest: one in every seven, without the instrument if there is such a day, else the last. */
export function restDays(days: readonly PlanDay[]): PlanDay[] {
  if (days.length < REST_FROM) return [];
  const rests: PlanDay[] = [];
  for (let from = 0; from + WEEK <= days.length; from += WEEK) {
    const week = days.slice(from, from + WEEK);
    rests.push(week.find(({ withInstrument }) => !withInstrument) ?? week.at(-1)!);
  }
  return rests;
}

/**
 * The days of practice in phases, as equally long as can be, the longer ones first.
 *
 * @example phasesOf(Array.from({ length: 7 }, (_, day) => ({ day, withInstrument: true }))).map(({ days }) => days.length) // [3, 3]
 */
export function phasesOf(days: readonly PlanDay[]): Phase[] {
  const rests = restDays(days);
  const practised = days.filter((day) => !rests.includes(day));
  const count = practised.length;
  if (count === 0) return [];
  const phases = count < TWO_FROM ? 1 : count < THREE_FROM ? 2 : 3;
  const [length, longer] = [Math.floor(count / phases), count % phases];
  let from = 0;
  return Array.from({ length: phases }, (_, i) => {
    const to = from + length + (i < longer ? 1 : 0);
    const phase = { days: practised.slice(from, to), startsAt: from };
    from = to;
    return phase;
  });
}
