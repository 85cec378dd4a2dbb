import type { Felt, PractisedTurn } from '@open-palm/contract';
import type { CardDose } from '../data/cardData';
import type { KeptCard } from './store';

/** The look at the hold, before and after: noted as a drill of its own. */
export const LOOK = { drill: 'first-and-last', stage: 1 };

/** Turns of a drill on a day, in their order. */
export const turnsOn = (
  { entries }: Pick<KeptCard, 'entries'>,
  day: string,
  drill: string,
): PractisedTurn[] =>
  entries
    .filter((entry) => entry.day === day && entry.drill === drill)
    .sort((a, b) => a.turn - b.turn);

/** Notes one more turn of a drill. */
export function withTurn(
  kept: KeptCard,
  day: string,
  { drill, stage }: Pick<CardDose, 'drill' | 'stage'>,
  { result, seconds }: Pick<PractisedTurn, 'result' | 'seconds'>,
): KeptCard {
  const turn = (turnsOn(kept, day, drill).at(-1)?.turn ?? 0) + 1;
  return {
    ...kept,
    entries: [...kept.entries, { day, drill, stage, turn, seconds: Math.round(seconds), result }],
  };
}

/** Takes the newest note of a drill back. */
export function withoutLast(kept: KeptCard, day: string, drill: string): KeptCard {
  const last = turnsOn(kept, day, drill).at(-1);
  return { ...kept, entries: kept.entries.filter((entry) => entry !== last) };
}

/** Notes how a day felt, with all that was done on it. */
export const withFelt = (kept: KeptCard, day: string, felt: Felt): KeptCard => ({
  ...kept,
  entries: kept.entries.map((entry) => (entry.day === day ? { ...entry, felt } : entry)),
});

/** Where something hurt last; null while nothing does. */
export const hurtOf = ({ entries }: Pick<KeptCard, 'entries'>): PractisedTurn | null =>
  [...entries].reverse().find(({ result }) => result === 'hurt') ?? null;

/** Days on which anything was done. */
export const daysWithBow = ({ entries }: Pick<KeptCard, 'entries'>): number =>
  new Set(entries.filter(({ result }) => result !== 'hurt').map(({ day }) => day)).size;
