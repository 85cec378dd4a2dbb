import type { Point } from '@open-palm/core/judge';
import { strings } from '../strings';

const words = strings.workOn;

export const causeText = (id: string): string => strings.causes[id] ?? id;

/** Why it is so, as surely as it is known; null where no cause is named, or the cause says no more than what was seen. */
export function whyWords({ signs, cause, perhaps, or }: Point): string | null {
  if (!cause) return null;
  const saysTheSame = signs.length === 1 && cause.cause.toldBy?.includes(signs[0]!);
  if (saysTheSame && !or) return null;
  const why = (perhaps ? words.perhaps : words.probably)(inSentence(cause.cause.id));
  return or ? `${why} ${words.asLikely(inSentence(or.cause.id))}` : why;
}

/** A cause in the middle of a sentence. */
const inSentence = (id: string): string => {
  const text = causeText(id);
  return text.charAt(0).toLowerCase() + text.slice(1);
};
