import type { Judgement } from '@open-palm/core/judge';
import { strings } from '../strings';
import { listWords } from '../strings/listWords';

/** Signs in a sentence: "the thumb is straight and the index is deep". */
export const signWords = (ids: readonly string[]): string =>
  listWords(ids.map((id) => strings.signs[id] ?? id));

/** The signs that were there. */
export function presentSigns(judgement: Judgement): string[] {
  const [first] = judgement.kind === 'toWorkOn' ? judgement.ranked : [];
  return first ? [...first.explains, ...first.leaves] : [];
}

/** How many aspects are named: a list that nobody reads praises nothing. */
const MOST_ASPECTS = 6;

/**
 * What holds well, by the signs that were not there; each aspect once, and none of which another sign was there.
 */
export function aspectWords(absent: readonly string[], present: readonly string[]): string {
  const aspect = (id: string) => strings.aspects[id] ?? id;
  const wrong = new Set(present.map(aspect));
  const good = [...new Set(absent.map(aspect))].filter((name) => !wrong.has(name));
  return listWords(good.slice(0, MOST_ASPECTS));
}
