import { strings } from './index';

/** Things in a row: "a", "a and b", "a, b and c". */
export function listWords(things: readonly string[]): string {
  const last = things.at(-1) ?? '';
  return things.length < 2 ? last : `${things.slice(0, -1).join(', ')}${strings.and}${last}`;
}
