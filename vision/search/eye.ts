import type { HandModels } from '../handModels';
import { lookAt, type SeenHand } from '../landmarks/lookAt';
import type { Picture } from '../picture';
import type { Region } from '../region';
import { PictureLevels } from '../sampleRegion';

/** A person's bow hand. */
export type Side = 'left' | 'right';

/** After so many looks the search goes on no longer. */
const MOST_LOOKS = 12;

/** A hand seen in a square. */
export interface Look {
  hand: SeenHand;
  /** How much it looks like a hand of the side that is looked for, 0 to 1. */
  ofSide: number;
}

/** Looks at squares of one picture, for the hand of one side. */
export class Eye {
  readonly levels: PictureLevels;
  private looks = 0;

  constructor(
    picture: Picture,
    private readonly side: Side,
    readonly models: HandModels,
  ) {
    this.levels = new PictureLevels(picture);
  }

  async at(region: Region, mirrored = false): Promise<Look> {
    this.looks += 1;
    const hand = await lookAt(this.levels, region, this.models, mirrored);
    return { hand, ofSide: this.side === 'right' ? hand.rightHand : 1 - hand.rightHand };
  }

  /** Whether another few looks are worth the wait. */
  hasTime(): boolean {
    return this.looks < MOST_LOOKS;
  }
}
