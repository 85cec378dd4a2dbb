import type { TermReader, TermWords } from '@open-palm/contract';
import { MOST_TERM_LINES } from '@open-palm/contract/termPage';
import type { BowKind } from '@open-palm/core/holds';
import { FAMILIES } from '@open-palm/core/measure';
import { seriesOf } from '@open-palm/core/track';
import type { TermChange, TermFacts } from '@open-palm/records/term';
import { signText } from '../../../assessment/advice/signWords';
import { strings } from '../../../foundation/strings';
import { measureName } from '../../../foundation/strings/measureWords';
import { termWords as words } from '../../../foundation/strings/term';
import { withUnit } from '../changeWords';

/** Who is told figures: an audition wants to know, parents and children are told what is to be seen. */
const FIGURES: readonly TermReader[] = ['audition'];
/** So many cues are named: those that worked most often. */
const MOST_WORKED = 4;

/**
 * A page's words to begin with, from what a term tells.
 *
 * @param cueText a cue in words
 * @param restart what began anew within the term, where something did
 */
export function termDraft(
  facts: TermFacts,
  reader: TermReader,
  {
    called,
    bow,
    cueText,
    restart,
  }: { called: string; bow: BowKind; cueText: (cue: string) => string; restart: string | null },
): TermWords {
  const lines = facts.changes.map((change) => changeLine(change, reader, bow));
  if (lines.length === 0 && facts.looks > 1) lines.push(words.noChange);
  return {
    title: words.titles[reader](called),
    opening: [
      ...(facts.looks > 0 ? [words.openings[reader](called, facts.looks)] : []),
      ...(restart === null ? [] : [restart]),
    ].join(' '),
    families: Object.fromEntries(
      FAMILIES.map((family) => [family, words.families[facts.families[family]]]),
    ),
    changed: [...new Set(lines)].slice(0, MOST_TERM_LINES),
    worked: [...new Set(facts.worked.map(cueText))].slice(0, MOST_WORKED),
    practised: null,
    help: words.helps[reader],
  };
}

/** What was practised, as it is told where it is chosen; null where no log came back. */
export const practisedLine = ({ practised }: Pick<TermFacts, 'practised'>): string | null =>
  practised && words.practised(practised.days, practised.minutes);

/** A change as a line. */
export function changeLine(
  { measure, place, sign, kind, from, to }: TermChange,
  reader: TermReader,
  bow: BowKind,
): string {
  const seen =
    sign === null ? words.otherChange(measureName(measure).toLowerCase()) : signText(sign, bow);
  const at = place === null ? seen : words.atPlace(seen, strings.places[place].toLowerCase());
  const line = words.changes[kind](at);
  if (!FIGURES.includes(reader)) return line;
  const series = seriesOf(measure, place);
  return words.withFigures(line, words.fromTo(withUnit(from, series), withUnit(to, series)));
}
