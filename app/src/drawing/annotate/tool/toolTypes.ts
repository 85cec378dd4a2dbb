import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import type { MarksAction } from '../marks';

/** What the tool may see and do; places on the screen are px of the picture's box. */
export interface ToolWorld {
  /** The mark at a place on the screen, if there is one near enough to be meant. */
  markAt(at: Vec2): PointName | null;
  /** Where a mark is on the screen. */
  screenOf(name: PointName): Vec2;
  /** The picture's place under a place on the screen, kept inside the picture. */
  pictureAt(at: Vec2): Vec2;
  /** The point that a touch of an empty place sets. */
  next: PointName | null;
  /** Guesses that a touch of an empty place gives up. */
  givenUp: readonly PointName[];
  change(action: MarksAction): void;
}

export type ToolEvent = { type: 'down' | 'move' | 'up'; at: Vec2 } | { type: 'cancel' };

/** A state of the tool: its name for the screen, and what it makes of the next event. */
export type ToolState =
  | { name: 'idle' }
  | { name: 'pointing'; mark: PointName; from: Vec2 }
  | { name: 'dragging'; mark: PointName; offset: Vec2; isNew: boolean };
