import { DRILL_KINDS } from '../drills';
import type { Offer } from './offers';
import type { Phase } from './phases';
import { daysOf, turnsName } from './programme';

/** A drill on a day. */
export interface PlannedDrill {
  drill: string;
  /** Counted from 1. */
  stage: number;
  turns: number;
  minutesATurn: number;
  load: Offer['load'];
}

/** What is done on a day, in its order; the look at the hold comes before the first and after the last. */
export interface PlannedDay {
  /** Days since 1970. */
  day: number;
  /** Counted from 1; null on a day of rest. */
  phase: number | null;
  drills: PlannedDrill[];
  minutes: number;
}

/** So many turns of each offer in each phase. */
export type Turns = readonly (readonly number[])[];

/** Reads turns out of a programme's solution. */
export const turnsOf = (
  offers: readonly Offer[],
  phases: readonly Phase[],
  solution: Readonly<Record<string, number>>,
): Turns =>
  offers.map(({ turnsADay }, i) =>
    phases.map((_, phase) => {
      let turns = 0;
      while (turns < turnsADay && (solution[turnsName(i, phase, turns + 1)] ?? 0) > 0.5) turns += 1;
      return turns;
    }),
  );

/** The days of practice, each with what can be done on it. */
export function sessionsOf(
  offers: readonly Offer[],
  phases: readonly Phase[],
  turns: Turns,
  wasTired: boolean,
): PlannedDay[] {
  return phases.flatMap((of, phase) => {
    const able = offers.map((offer) => daysOf(of, offer, wasTired));
    return of.days.map((planned) => {
      const drills = inOrder(
        offers.flatMap((offer, i) => {
          const count = turns[i]![phase]!;
          return count > 0 && able[i]!.includes(planned) ? [{ offer, turns: count }] : [];
        }),
      );
      const minutes = drills.reduce((sum, one) => sum + one.turns * one.minutesATurn, 0);
      return { day: planned.day, phase: phase + 1, drills, minutes };
    });
  });
}

/** From loosening to playing; of two that load the little finger something else comes between. */
function inOrder(chosen: { offer: Offer; turns: number }[]): PlannedDrill[] {
  const kind = ({ offer }: { offer: Offer }) => DRILL_KINDS.indexOf(offer.drill.kind);
  const left = [...chosen].sort((a, b) => kind(a) - kind(b));
  const out: PlannedDrill[] = [];
  while (left.length > 0) {
    const wasLoad = (out.at(-1)?.load ?? 0) > 0;
    const loads = left.filter(({ offer }) => offer.load > 0).length;
    // Where loads are as many as what is left to part them, one of them has to come now.
    const mustLoad = !wasLoad && loads > left.length - loads;
    const next = left.findIndex(({ offer }) =>
      wasLoad ? offer.load === 0 : mustLoad ? offer.load > 0 : true,
    );
    const [{ offer, turns }] = left.splice(Math.max(0, next), 1) as [(typeof left)[number]];
    out.push({
      drill: offer.drill.id,
      stage: offer.stage,
      turns,
      minutesATurn: offer.minutesATurn,
      load: offer.load,
    });
  }
  return out;
}
