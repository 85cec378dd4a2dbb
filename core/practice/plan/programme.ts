import type { Offer } from './offers';
import type { Phase } from './phases';
import type { PlanDay, PlanFacts, PlanLimits } from './planFacts';

/** A small integer programme: what is maximised, and sums that stay at or below a number. */
export interface Programme {
  /** Worth of a unit of each variable. */
  objective: Record<string, number>;
  rows: { terms: Record<string, number>; most: number }[];
  /** 0 or 1. */
  binaries: string[];
  /** 0 to 1, anything between. */
  shares: string[];
}

/** Of a repeat against the one before it: within a day, and across days. [memory] */
export const REPEAT = { withinDay: 0.7, acrossDays: 0.9 };

/** Name of the variable that a drill has at least so many turns on the days of a phase; the first says that it is in it. */
export const turnsName = (offer: number, phase: number, turns: number): string =>
  `x${offer}_${phase}_${turns}`;

/**
 * The days of a phase on which a drill can be done. After the little finger tired it is loaded on every second day of practice, counted
 * through all phases.
 */
export const daysOf = (
  { days, startsAt }: Phase,
  { needsInstrument, load }: Offer,
  wasTired: boolean,
): PlanDay[] =>
  days.filter(
    ({ withInstrument }, at) =>
      (withInstrument || !needsInstrument) &&
      !(wasTired && load === 2 && (startsAt + at) % 2 === 1),
  );

/**
 * The programme of a plan. The k-th turn of a drill on the j-th day on which it has that many is worth
 * benefit · 0.7^(k−1) · 0.9^(j−1); days are taken in the order of their worth, which falls, so they need not be whole numbers.
 */
export function programmeOf(
  offers: readonly Offer[],
  phases: readonly Phase[],
  limits: PlanLimits,
  { student, locked, moved = {} }: Pick<PlanFacts, 'student' | 'locked' | 'moved'>,
): Programme {
  const programme: Programme = { objective: {}, rows: [], binaries: [], shares: [] };
  const row = (most: number) => {
    const one = { terms: {} as Record<string, number>, most };
    programme.rows.push(one);
    return one.terms;
  };
  const able = offers.map((offer) =>
    phases.map((phase) => daysOf(phase, offer, student.wasTired).length),
  );
  phases.forEach(({ days }, phase) => {
    const hasBareDays = days.some(({ withInstrument }) => !withInstrument);
    const there = offers.flatMap((offer, i) => (able[i]![phase]! > 0 ? [{ offer, i }] : []));
    const perDay = row(limits.drillsADay);
    const shapes = row(limits.newShapes);
    const minutes = row(limits.minutesADay);
    const load = row(limits.loadMinutes);
    // No two that load the little finger come one after the other.
    const between = row(1);
    // On days without the instrument what needs it parts nothing.
    const betweenBare = row(1);
    for (const { offer, i } of there) {
      const first = turnsName(i, phase, 1);
      perDay[first] = 1;
      if (offer.drill.newShape) shapes[first] = 1;
      between[first] = offer.load > 0 ? 1 : -1;
      if (hasBareDays && !offer.needsInstrument) betweenBare[first] = between[first];
      for (let k = 1; k <= offer.turnsADay; k += 1) {
        const name = turnsName(i, phase, k);
        programme.binaries.push(name);
        minutes[name] = offer.minutesATurn;
        if (offer.load === 2) load[name] = offer.minutesATurn;
        if (k > 1) Object.assign(row(0), { [name]: 1, [turnsName(i, phase, k - 1)]: -1 });
      }
      const only = moved[offer.drill.id];
      if (only !== undefined && Math.min(only, phases.length) !== phase + 1) row(0)[first] = 1;
      else if (only !== undefined || locked.includes(offer.drill.id)) row(-1)[first] = -1;
      if (offer.after === null) continue;
      const before = offers.findIndex(({ drill }) => drill.id === offer.after);
      const terms = row(0);
      terms[first] = 1;
      for (let earlier = 0; earlier < phase; earlier += 1) {
        if (before >= 0 && able[before]![earlier]! > 0) terms[turnsName(before, earlier, 1)] = -1;
      }
    }
  });
  offers.forEach((offer, i) => {
    const days = able[i]!.reduce((sum, count) => sum + count, 0);
    for (let k = 1; k <= offer.turnsADay && days > 0; k += 1) {
      const done = row(0);
      phases.forEach((_, phase) => {
        if (able[i]![phase]! > 0) done[turnsName(i, phase, k)] = -able[i]![phase]!;
      });
      for (let j = 1; j <= days; j += 1) {
        const name = `d${i}_${k}_${j}`;
        programme.shares.push(name);
        done[name] = 1;
        programme.objective[name] =
          offer.benefit * REPEAT.withinDay ** (k - 1) * REPEAT.acrossDays ** (j - 1);
      }
    }
  });
  return {
    ...programme,
    rows: programme.rows.filter(({ terms }) => Object.keys(terms).length > 0),
  };
}

const term = ([name, factor]: [string, number]): string =>
  `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`;

/** A programme in the LP format that solvers read. */
export function lpText({ objective, rows, binaries, shares }: Programme): string {
  const sum = (terms: Record<string, number>) => Object.entries(terms).map(term).join(' ');
  return [
    'Maximize',
    ` worth: ${sum(objective) || `0 ${binaries[0] ?? 'nothing'}`}`,
    'Subject To',
    ...rows.map(({ terms, most }, i) => ` r${i}: ${sum(terms)} <= ${most}`),
    'Bounds',
    ...shares.map((name) => ` 0 <= ${name} <= 1`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
    '',
  ].join('\n');
}
