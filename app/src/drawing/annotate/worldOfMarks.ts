import type { PointName } from '@open-palm/core/measure';
import { confirmStep } from './confirmStep';
import type { MarkWorld } from './MarkCanvas';
import { guessesGivenUp, pointToSet } from './marks';
import { guessesOf, type Marks, type Places } from './marksState';
import type { MarksStore } from './useMarks';

/** The marks of a look as the tool sees and changes them. */
export const worldOfMarks = ({
  change,
  current,
}: Pick<MarksStore, 'change' | 'current'>): MarkWorld<PointName> => ({
  touchable: () => touchable(current()),
  placeOf: (name) => touchable(current())[name]!,
  next: () => pointToSet(current()),
  isConfirming: () => confirmStep(current()) !== null,
  isGuess: (name) => confirmStep(current())?.names.includes(name) ?? false,
  begin: (_name, isNew) => {
    // A guess that stood in the way of a new point is given up with it.
    const givenUp = isNew ? guessesGivenUp(current()) : [];
    if (givenUp.length > 0) change({ type: 'refuse', names: givenUp });
    change({ type: 'begin' });
  },
  set: (name, at) => change({ type: 'set', name, at }),
  commit: (isNew) => change({ type: 'commit', advance: isNew }),
  revert: () => change({ type: 'revert' }),
  choose: (name) => change({ type: 'choose', name }),
});

/** What a touch may take hold of: the marks, and the guesses that are looked at now. */
export function touchable(marks: Marks): Places {
  const guesses = guessesOf(marks);
  const now = confirmStep(marks)?.names ?? [];
  return { ...marks.placed, ...Object.fromEntries(now.map((name) => [name, guesses[name]!])) };
}
