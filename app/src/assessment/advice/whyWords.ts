import type { Point } from '@open-palm/core/judge';
import { strings } from '../../foundation/strings';

const words = strings.workOn;

export const causeText = (id: string): string => strings.causes[id] ?? id;

/** Why it is so, as surely as it is known; null where no cause is named, or the cause says no more than what was seen. */
export function whyWords({ signs, cause, perhaps, or }: Point): string | null {
  if (!cause) return null;
  const saysTheSame = signs.every((sign) => cause.cause.toldBy?.includes(sign));
  if (saysTheSame && !or) return null;
  const why = (perhaps ? words.perhaps : words.probably)(inSentence(cause.cause.id));
  return or ? `${why} ${words.asLikely(inSentence(or.cause.id))}` : why;
}

/** What was seen, as it is said first: where a cause is named, without the signs that say the same as it does. */
export function saidFirst({ signs, cause }: Point): readonly string[] {
  const others = signs.filter((sign) => !cause?.cause.toldBy?.includes(sign));
  return others.length > 0 ? others : signs;
}

/** A cause in the middle of a sentence. */
const inSentence = (id: string): string => {
  const text = causeText(id);
  return text.charAt(0).toLowerCase() + text.slice(1);
};
