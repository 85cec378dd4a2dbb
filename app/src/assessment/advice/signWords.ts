import type { BowKind } from '@open-palm/core/holds';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';

/** A sign in words, as it is said of this bow. */
export const signText = (id: string, bow: BowKind): string =>
  strings.signsByBow[bow]?.[id] ?? strings.signs[id] ?? id;

/** Signs in a sentence: "the thumb is straight and the index is deep". */
export const signWords = (ids: readonly string[], bow: BowKind): string =>
  listWords([...new Set(ids.map((id) => signText(id, bow)))]);

/** The same as a sentence of its own. */
export const signSentence = (ids: readonly string[], bow: BowKind): string => {
  const text = signWords(ids, bow);
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
};

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
