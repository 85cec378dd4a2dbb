import { bandFor, type Hold } from '../holds';
import { SIGNS } from '../judge';
import { tapMeasure, tapQuestion, type Tap, type TapAnswer, type Verdict } from '../measure';
import { faultsSeen, signsOn } from './marks';

/** How a fault that was said by its name is answered on a hold: as a drawn choice would be, or as a sign that a person saw. */
export type FaultAnswer = { kind: 'tap'; tap: Tap } | { kind: 'sign'; sign: string };

/**
 * The answer of a look that says a fault, on one hold: the drawn choice that is just beyond the band, the category that the fault is, or
 * the sign itself where no band tells of it.
 *
 * @returns null where the hold cannot show it
 * @example answerOfFault('shoulderRaised', holdById('cello')) // { kind: 'sign', sign: 'shoulderRaised' }
 */
export function answerOfFault(fault: string, hold: Hold): FaultAnswer | null {
  const [sign] = signsOn(fault, hold);
  const from = SIGNS.find(({ id }) => id === sign)?.from;
  if (sign === undefined || !from) return null;
  if (!('measure' in from) || bandFor(hold, from.measure, 'row') === null) {
    return { kind: 'sign', sign };
  }
  const answer = (
    'categories' in from
      ? from.categories.map((category): TapAnswer => ({ kind: 'category', category }))
      : choicesOf(from.measure, hold)
  ).find((one) => {
    const { verdict } = tapMeasure({ measure: from.measure, answer: one }, hold, 'row');
    return 'categories' in from ? isOut(verdict) : verdict === from.verdict;
  });
  const tap = answer && { measure: from.measure, answer };
  // What counts as a fault only beside another is said by its name.
  const isTold = tap && faultsSeen({ taps: [tap], signs: {} }, hold).get(fault) === true;
  return isTold ? { kind: 'tap', tap } : { kind: 'sign', sign };
}

const isOut = (verdict: Verdict): boolean => verdict === 'low' || verdict === 'high';

/** The answers to a checkpoint, those near what the hold wants first: a fault said by name is not taken for its worst form. */
function choicesOf(measure: Tap['measure'], hold: Hold): TapAnswer[] {
  const question = tapQuestion(measure, hold);
  const band = bandFor(hold, measure, 'row');
  switch (question.kind) {
    case 'categories':
      return question.categories.map((category) => ({ kind: 'category', category }));
    case 'values':
    case 'onFinger':
    case 'onStick': {
      if (!band || 'allowed' in band) return [];
      const { sd } = question;
      const values =
        question.kind === 'values'
          ? question.values
          : [band.lo, band.hi].flatMap((end, i) =>
              end === undefined ? [] : [end + (i === 0 ? -1 : 1) * BEYOND_SD * sd],
            );
      const offBy = (value: number) =>
        Math.max((band.lo ?? -Infinity) - value, value - (band.hi ?? Infinity));
      return [...values]
        .sort((a, b) => offBy(a) - offBy(b))
        .map((value) => ({ kind: 'value', value: Math.round(value * 100) / 100, sd }));
    }
  }
}

/** A place that is said to be wrong lies so many of an eye's doubts beyond the band: enough to be told as wrong. [memory] */
const BEYOND_SD = 2;
