import type { MeasureId, MergedMeasure } from '../measure';
import { SIGNS } from './knowledge';
import type { Sign } from './judgeSchema';

/** What was seen of one sign. */
export interface Finding {
  sign: string;
  present: boolean;
  /** Findings of one group rest on the same point of the same picture, or on the same answer. */
  group: string;
}

/**
 * The signs that a check's measures tell of, present or absent. What is unsure, contradicts itself, or has no band tells
 * of none.
 *
 * @param looked signs as a person saw them; where measures tell of the same one, the person's word counts
 */
export function findingsOf(
  measures: readonly Pick<MergedMeasure, 'measure' | 'sources'>[],
  looked: Readonly<Record<string, boolean>> = {},
): Finding[] {
  return SIGNS.flatMap((sign): Finding[] => {
    const { id, from } = sign;
    const seen = looked[id];
    if (seen !== undefined) return [{ sign: id, present: seen, group: id }];
    if ('look' in from) return [];
    const told = measures.filter(({ measure }) => measure.id === from.measure);
    // The same measure at several places: wrong anywhere is wrong.
    const states = told.map(({ measure }) => stateOf(sign, measure));
    if (states.includes(true)) return [{ sign: id, present: true, group: groupOf(sign, told) }];
    if (!states.includes(false)) return [];
    return [{ sign: id, present: false, group: groupOf(sign, told) }];
  });
}

/**
 * What a verdict says of a measure's signs: which it shows, and which it rules out. A category that is out does not say
 * which of its signs it is.
 */
export function signsOfVerdict(
  id: MeasureId,
  verdict: 'in' | 'low' | 'high',
): Record<string, boolean> {
  const told = SIGNS.flatMap(({ id: sign, from }): [string, boolean][] => {
    if (!('measure' in from) || from.measure !== id) return [];
    if (verdict === 'in') return [[sign, false]];
    return 'verdict' in from ? [[sign, from.verdict === verdict]] : [];
  });
  return Object.fromEntries(told);
}

/** Whether a measure shows a sign; null when it tells nothing of it. */
function stateOf({ from }: Sign, measure: MergedMeasure['measure']): boolean | null {
  const { verdict } = measure;
  if ('look' in from || verdict === 'unsure') return null;
  // A fault that has a name of its own is one, whether the hold has a band or not.
  if (verdict === 'none') {
    return 'categories' in from && measure.kind === 'category'
      ? from.categories.includes(measure.value)
      : null;
  }
  if (verdict === 'in') return false;
  if ('verdict' in from) return verdict === from.verdict;
  return measure.kind === 'category' && from.categories.includes(measure.value);
}

/** Answers by tap stand each for itself; what a picture tells of the same point stands together. */
function groupOf(sign: Sign, told: readonly Pick<MergedMeasure, 'sources'>[]): string {
  const first = told[0]?.sources[0];
  const isPicture = first !== undefined && first.capture !== null;
  if (isPicture) return `${sign.group} in picture ${first.capture}`;
  return 'look' in sign.from ? sign.id : sign.from.measure;
}
