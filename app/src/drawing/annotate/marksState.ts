import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';

export type Places = Partial<Record<PointName, Vec2>>;

/** What was set so far: pixels of the picture. */
export interface Snapshot {
  /** What counts: set, or looked at and found right by a person. */
  placed: Places;
  skipped: readonly PointName[];
  /** Of the placed points those that a person only found right, where a guess had put them. */
  agreed: readonly PointName[];
  /** Guesses that a person moved, but has not yet called right. */
  moved: Places;
  /** Points whose guess was given up: they are touched anew. */
  refused: readonly PointName[];
}

/** The marks on a picture, with what can be taken back and which point is next. */
export interface Marks extends Snapshot {
  sequence: readonly PointName[];
  /** Guesses: of the hand finder, or of the last picture's bow. None of them counts. */
  offered: Places;
  /** The point that the next touch of an empty place sets, or the one that keys move. */
  chosen: PointName | null;
  past: readonly Snapshot[];
  future: readonly Snapshot[];
}

export const noMarks = (sequence: readonly PointName[]): Marks => ({
  placed: {},
  skipped: [],
  agreed: [],
  moved: {},
  refused: [],
  offered: {},
  sequence,
  chosen: sequence[0] ?? null,
  past: [],
  future: [],
});

/** All that tells which point is next. */
export type Shown = Omit<Marks, 'chosen' | 'past' | 'future'>;

/** Whether a point is neither set nor skipped. */
const isOpen = ({ placed, skipped }: Shown, name: PointName) =>
  !placed[name] && !skipped.includes(name);

/** The next point in order that is neither set nor skipped; null when all are. */
export const nextOpen = (marks: Shown): PointName | null =>
  marks.sequence.find((name) => isOpen(marks, name)) ?? null;

/** Where a point is guessed to be: as offered, or as a person has moved it since; null where it counts or was given up. */
export const guessOf = (marks: Shown, name: PointName): Vec2 | null =>
  isOpen(marks, name) && !marks.refused.includes(name)
    ? (marks.moved[name] ?? marks.offered[name] ?? null)
    : null;

/** The guesses among the points that are asked for. */
export const guessesOf = (marks: Shown): Places =>
  Object.fromEntries(
    marks.sequence.flatMap((name) => {
      const at = guessOf(marks, name);
      return at ? [[name, at]] : [];
    }),
  );
