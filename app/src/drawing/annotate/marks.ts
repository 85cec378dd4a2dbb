import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { confirmStep } from './confirmStep';
import {
  guessOf,
  nextOpen,
  type Marks,
  type Places,
  type Shown,
  type Snapshot,
} from './marksState';

export type MarksAction =
  /** Remembers how things are, before a change that is made of many moves. */
  | { type: 'begin' }
  | { type: 'set'; name: PointName; at: Vec2 }
  /** The change is done; a new point makes the next one in order the chosen one. */
  | { type: 'commit'; advance: boolean }
  /** Gives up a change since `begin`, leaving no trace. */
  | { type: 'revert' }
  | { type: 'skip'; names: readonly PointName[] }
  | { type: 'choose'; name: PointName }
  | { type: 'extend'; sequence: readonly PointName[] }
  | { type: 'mirror'; width: number }
  /** Shows guesses for points; they count once a person has looked at them. */
  | { type: 'offer'; guesses: Places }
  /** A person looked at these guesses and calls them right. */
  | { type: 'agree'; names: readonly PointName[] }
  /** A person gives up these guesses and touches the points anew. */
  | { type: 'refuse'; names: readonly PointName[] }
  /** Asks for these points before all others. */
  | { type: 'askFirst'; names: readonly PointName[] }
  /** Brings points that a person has set to an edge nearby. */
  | { type: 'snap'; places: Places }
  | { type: 'undo' }
  | { type: 'redo' };

/** The point that a touch of an empty place sets: the chosen one, or else the next one in order. */
export const pointToSet = (marks: Marks): PointName | null => {
  if (marks.chosen !== null && !marks.placed[marks.chosen]) return marks.chosen;
  return isLookingAtHand(marks) ? null : nextOpen(marks);
};

/** Several guesses of the hand are looked at together: a touch beside them says nothing. */
const isLookingAtHand = (marks: Marks) => {
  const step = confirmStep(marks);
  return step !== null && step.id !== 'bow';
};

/**
 * What a touch of an empty place gives up: the guessed bow. Whoever goes on touching the bow, as in
 * every first picture, need not refuse the guess before.
 */
export function guessesGivenUp(marks: Marks): readonly PointName[] {
  const step = confirmStep(marks);
  return step?.id === 'bow' && marks.chosen === null ? step.names : [];
}

/** The one way in which marks change. */
export function changeMarks(marks: Marks, action: MarksAction): Marks {
  switch (action.type) {
    case 'begin':
      return { ...marks, past: [...marks.past, snapshot(marks)], future: [] };
    case 'set':
      return set(marks, action.name, action.at);
    case 'commit': {
      if (!action.advance) return marks;
      const step = confirmStep(marks);
      // The one point of a step, touched where it really is: that says as much as "right".
      const isSaid = step?.names.length === 1 && marks.moved[step.names[0]!] !== undefined;
      return advanced(isSaid ? agreed(marks, step.names) : marks);
    }
    case 'revert': {
      const before = marks.past.at(-1);
      return before ? { ...restored(marks, before), past: marks.past.slice(0, -1) } : marks;
    }
    case 'skip': {
      const begun = changeMarks(marks, { type: 'begin' });
      const skipped = [...without(marks.skipped, action.names), ...action.names];
      const placed = Object.fromEntries(
        Object.entries(marks.placed).filter(([name]) => !action.names.includes(name as PointName)),
      );
      const changed = { ...begun, placed, skipped };
      return { ...changed, chosen: chosenNext(changed) };
    }
    case 'choose':
      return { ...marks, chosen: action.name };
    case 'extend':
      return advanced({ ...marks, sequence: [...marks.sequence, ...action.sequence] });
    case 'askFirst': {
      const begun = changeMarks(marks, { type: 'begin' });
      const sequence = [...action.names, ...without(marks.sequence, action.names)];
      return advanced({ ...begun, sequence, refused: [...marks.refused, ...action.names] });
    }
    case 'offer': {
      const offered = { ...marks.offered, ...action.guesses };
      const changed = { ...marks, offered };
      // What a person is about to touch stays what it is; a guess for it is looked at instead.
      return marks.chosen !== null && marks.placed[marks.chosen] ? changed : advanced(changed);
    }
    case 'agree':
      return advanced(agreed(changeMarks(marks, { type: 'begin' }), action.names));
    case 'refuse': {
      const begun = changeMarks(marks, { type: 'begin' });
      return advanced({ ...begun, refused: [...marks.refused, ...action.names] });
    }
    case 'snap': {
      const begun = changeMarks(marks, { type: 'begin' });
      return { ...begun, placed: { ...marks.placed, ...action.places } };
    }
    case 'mirror':
      return mirrored(marks, action.width);
    case 'undo': {
      const before = marks.past.at(-1);
      if (!before) return marks;
      return {
        ...restored(marks, before),
        past: marks.past.slice(0, -1),
        future: [snapshot(marks), ...marks.future],
      };
    }
    case 'redo': {
      const [after, ...future] = marks.future;
      if (!after) return marks;
      return { ...restored(marks, after), past: [...marks.past, snapshot(marks)], future };
    }
  }
}

/** A point under the finger: a guess that is being looked at stays one until it is called right. */
function set(marks: Marks, name: PointName, at: Vec2): Marks {
  if (confirmStep(marks)?.names.includes(name)) {
    return { ...marks, moved: { ...marks.moved, [name]: at }, chosen: name };
  }
  return {
    ...marks,
    placed: { ...marks.placed, [name]: at },
    skipped: without(marks.skipped, [name]),
    agreed: without(marks.agreed, [name]),
    chosen: name,
  };
}

function agreed(marks: Marks, names: readonly PointName[]): Marks {
  const places = names.flatMap((name) => {
    const at = guessOf(marks, name);
    return at ? [[name, at] as const] : [];
  });
  const untouched = places.map(([name]) => name).filter((name) => !marks.moved[name]);
  return {
    ...marks,
    placed: { ...marks.placed, ...Object.fromEntries(places) },
    agreed: [...marks.agreed, ...untouched],
  };
}

/** What is chosen when the next point is asked for; of several guesses looked at together none is. */
function chosenNext(marks: Shown): PointName | null {
  const step = confirmStep(marks);
  if (!step) return nextOpen(marks);
  return step.names.length === 1 ? step.names[0]! : null;
}

const advanced = (marks: Marks): Marks =>
  nextOpen(marks) === null ? marks : { ...marks, chosen: chosenNext(marks) };

const without = (names: readonly PointName[], those: readonly PointName[]) =>
  names.filter((name) => !those.includes(name));

const snapshot = ({ placed, skipped, agreed, moved, refused }: Marks): Snapshot => ({
  placed,
  skipped,
  agreed,
  moved,
  refused,
});

const restored = (marks: Marks, to: Snapshot): Marks => advanced({ ...marks, ...to });

function mirrored(marks: Marks, width: number): Marks {
  const flip = (places: Places): Places =>
    Object.fromEntries(
      Object.entries(places).map(([name, at]) => [name, { x: width - at.x, y: at.y }]),
    );
  const flipped = <T extends Snapshot>(from: T): T => ({
    ...from,
    placed: flip(from.placed),
    moved: flip(from.moved),
  });
  return {
    ...flipped(marks),
    offered: flip(marks.offered),
    past: marks.past.map(flipped),
    future: marks.future.map(flipped),
  };
}
