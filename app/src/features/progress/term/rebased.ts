import type { TermWords } from '@open-palm/contract';
import { MOST_TERM_LINES } from '@open-palm/contract/termPage';
import { FAMILIES } from '@open-palm/core/measure';

/** What the teacher wrote, and what the looks said then; null where a page that was given is taken up as it is. */
export interface OwnWords {
  own: Partial<TermWords>;
  base: TermWords | null;
}

/**
 * A page's words: the teacher's own stay, and what they did not touch says what the looks say now. So no line of other looks is left
 * standing beside them when a day is changed or a look comes.
 *
 * @param draft what the looks say now, the line of practice included: it is told only where it was chosen
 */
export function rebasedWords(edit: OwnWords | undefined, draft: TermWords): TermWords {
  const { own = {}, base = null } = edit ?? {};
  const words = { ...draft, practised: null, ...own };
  if (!base) return words;
  return {
    ...words,
    ...(own.families ? { families: rebasedFamilies(own.families, base, draft) } : {}),
    ...(own.changed ? { changed: rebasedLines(own.changed, base.changed, draft.changed) } : {}),
    ...(own.worked ? { worked: rebasedLines(own.worked, base.worked, draft.worked) } : {}),
    practised:
      own.practised && own.practised === base.practised ? draft.practised : words.practised,
  };
}

/** The teacher's lines, without those that the looks say no more, with those that they say anew; none that was taken out. */
function rebasedLines(
  own: readonly string[],
  base: readonly string[],
  now: readonly string[],
): string[] {
  const kept = own.filter((line) => !base.includes(line) || now.includes(line));
  return [...kept, ...now.filter((line) => !base.includes(line))].slice(0, MOST_TERM_LINES);
}

function rebasedFamilies(
  own: TermWords['families'],
  base: TermWords,
  now: TermWords,
): TermWords['families'] {
  return Object.fromEntries(
    FAMILIES.flatMap((family) => {
      const line = own[family];
      if (line === undefined) return [];
      return [[family, line === base.families[family] ? (now.families[family] ?? line) : line]];
    }),
  );
}
