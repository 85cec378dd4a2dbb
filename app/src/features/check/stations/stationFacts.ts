import type { SkinTone } from '@open-palm/contract';
import type { BowSize } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';
import type { Context, Side } from '@open-palm/core/measure';
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
