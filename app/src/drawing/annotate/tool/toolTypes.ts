import type { Vec2 } from '@open-palm/core/units';

/** What the tool may see and do; places on the screen are px of the picture's box. What it sees is as it is this very moment. */
export interface ToolWorld<Name extends string> {
  /** The mark at a place on the screen, if there is one near enough to be meant. */
  markAt(at: Vec2): Name | null;
  /** Where a mark is on the screen. */
  screenOf(name: Name): Vec2;
  /** The picture's place under a place on the screen, kept inside the picture. */
  pictureAt(at: Vec2): Vec2;
  /** The mark that a touch of an empty place sets; null where it says nothing. */
  next(): Name | null;
  /** Whether a person is looking at guesses now, to call them right or move them. */
  isConfirming(): boolean;
  /** Whether a mark is a guess that was not called right yet. */
  isGuess(name: Name): boolean;
  /** A mark is about to be set or moved; what follows until `commit` is one step. */
  begin(name: Name, isNew: boolean): void;
  set(name: Name, at: Vec2): void;
  /** It stays where it is. */
  commit(isNew: boolean): void;
  /** Nothing has happened since `begin`. */
  revert(): void;
  /** A mark was touched, to be told of or moved by keys. */
  choose(name: Name): void;
}

export type ToolEvent = { type: 'down' | 'move' | 'up'; at: Vec2 } | { type: 'cancel' };

/** How a mark follows the finger. */
export interface Following<Name extends string> {
  mark: Name;
  /** From the finger to the mark, px of the screen. */
  offset: Vec2;
  isNew: boolean;
}

/** A state of the tool, by name for the screen; each has a file of its own that says what it makes of the next event. */
export type ToolState<Name extends string> =
  | { name: 'idle' }
  | { name: 'confirming' }
  | { name: 'pointing'; mark: Name; from: Vec2 }
  | ({ name: 'dragging' } & Following<Name>)
  | ({ name: 'guessing' } & Following<Name>);
