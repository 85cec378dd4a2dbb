import { adaptHold, holdById } from '../../holds';
import { measureCheck, type Context, type Tap } from '../../measure';
import type { Advice } from '../advise';
import { findingsOf, type Finding } from '../findings';

/** Signs as they were seen. */
export const seen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: true, group: sign }));
/** Signs that were looked for and were not there. */
export const notSeen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: false, group: sign }));

/** A hold as it is meant for a student of full size. */
export const holdOf = (id: string, settings: Record<string, string> = {}) =>
  adaptHold(holdById(id), settings, { bow: 1, hand: 1 });

export type Told = Extract<Advice, { kind: 'toWorkOn' }>;
/** What is to be worked on; anything else fails. */
export const told = (advice: Advice): Told => {
  if (advice.kind !== 'toWorkOn') throw new Error(`nothing to work on: ${advice.kind}`);
  return advice;
};
/** Every cause of what was seen, by score. */
export const causesIn = (advice: Advice) => told(advice).ranked.map(({ cause }) => cause.id);
/** The causes that are named, null for a correction. */
export const named = (advice: Advice) =>
  told(advice).points.map(({ cause }) => cause?.cause.id ?? null);
/** What is said first of each thing. */
export const cuesIn = (advice: Advice) => told(advice).points.map(({ cues }) => cues[0]);

/** Taps on a hold in a context, as findings. */
export function tapped(holdId: string, context: Context, taps: Tap[], settings = {}) {
  const hold = holdOf(holdId, settings);
  const { measures } = measureCheck({ context, captures: [], taps }, hold);
  return findingsOf(
    measures.map((one) => ({ ...one, context })),
    {},
    hold,
  );
}
/** An answer by tap that is a number. */
export const value = (measure: Tap['measure'], number: number): Tap => ({
  measure,
  answer: { kind: 'value', value: number, sd: 0.1 },
});
/** An answer by tap that is a category. */
export const category = (measure: Tap['measure'], name: string): Tap => ({
  measure,
  answer: { kind: 'category', category: name },
});
