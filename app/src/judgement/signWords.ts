import { strings } from '../strings';
import { listWords } from '../strings/listWords';

/** Signs in a sentence: "the thumb is straight and the index is deep". */
export const signWords = (ids: readonly string[]): string =>
  listWords(ids.map((id) => strings.signs[id] ?? id));

/** How many aspects are named: a list that nobody reads praises nothing. */
const MOST_ASPECTS = 6;

/** What holds well, by the signs that were not there; each aspect once. */
export const aspectWords = (ids: readonly string[]): string =>
  listWords([...new Set(ids.map((id) => strings.aspects[id] ?? id))].slice(0, MOST_ASPECTS));
