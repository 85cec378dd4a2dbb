import type { SeenSigns, SkinTone } from '@open-palm/contract';
import type { BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import type { Context, Side, Tap } from '@open-palm/core/measure';
import type { Level } from '@open-palm/core/practice';

/** Whose hold is looked at without a camera, and how the bow is held. */
export interface StationFacts {
  /** As it is meant for the student. */
  hold: Hold;
  bowSize: BowSize;
  side: Side;
  skinTone: SkinTone;
  level: Level;
  context: Context;
}

/** What was told so far. */
export interface StationAnswers {
  taps: readonly Tap[];
  seen: SeenSigns;
  /** Shows no verdict of what was answered. */
  watching: boolean;
}
