import type { HandModels } from '../handModels';
import { regionOfPoints } from '../landmarks/handRegion';
import { lookAt, type SeenHand } from '../landmarks/lookAt';
import type { Picture } from '../picture';
import type { Region } from '../region';
import { PictureLevels } from '../sampleRegion';

/** A person's bow hand. */
export type Side = 'left' | 'right';

/** Below this the model sees no hand. [memory] */
export const LEAST_PRESENCE = 0.5;
/** After so many looks the search goes on no longer. */
const MOST_LOOKS = 14;

/** A hand seen in a square, and how far it is to be believed: presence times the chance of the right side. */
export interface Look {
  region: Region;
  hand: SeenHand;
  trust: number;
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

  async at(region: Region): Promise<Look> {
    this.looks += 1;
    const hand = await lookAt(this.levels, region, this.models);
    const ofSide = this.side === 'right' ? hand.rightHand : 1 - hand.rightHand;
    return { region, hand, trust: hand.presence * ofSide };
  }

  /** Whether another few looks are worth the wait. */
  hasTime(): boolean {
    return this.looks < MOST_LOOKS;
  }

  /** A second look from a square around the points of a first: the better of the two. */
  async closer(first: Look): Promise<Look> {
    if (first.hand.presence < LEAST_PRESENCE) return first;
    return better(first, await this.at(regionOfPoints(first.hand.points)))!;
  }

  /** Looks at a square and at its neighbours: somewhat turned, smaller and larger. */
  async allAround(region: Region, scales: readonly number[]): Promise<Look[]> {
    const looks: Look[] = [];
    for (const turn of TURNS_DEG) {
      for (const scale of scales) {
        const angle = region.angle + (turn * Math.PI) / 180;
        looks.push(await this.at({ ...region, angle, size: region.size * scale }));
      }
    }
    return looks;
  }
}

const TURNS_DEG = [0, -30, 30];

/** The look that is to be believed most. */
export function better(...looks: (Look | null)[]): Look | null {
  return looks.reduce(
    (best, look) => (look && look.trust > (best?.trust ?? -1) ? look : best),
    null,
  );
}
