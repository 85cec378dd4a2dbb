import { BOW_BODIES, scaledBody } from '../bow/bowBody';
import type { HandFacts } from '../hand';
import type { Hold } from '../holds';
import { hairTurn, type Side, type TurnSign, type View } from './view';

/** How a view shows the frog: beside the fingers, from below, or not, for it is behind the hand. */
export type FrogSight = 'beside' | 'below' | 'behind';

/** What can be recognised of a bow in a picture, before the picture is looked at. */
export interface BowInView {
  sight: FrogSight;
  /** +1 when the hair lies a clockwise quarter turn (on screen) from the direction hand → tip. */
  hairIsClockwise: TurnSign;
  sizes: {
    frogLengthMm: number;
    stickMm: number;
    /** From the stick's axis to the frog's underside. */
    undersideMm: number;
  };
  middleFingerMm: number;
}

const SIGHTS: Partial<Record<View, FrogSight>> = {
  'finger-side': 'beside',
  'thumb-side': 'below',
  'player-eye': 'behind',
};

/**
 * What a view shows of the bow of a hold.
 *
 * @param frogLengthMm as it is known of the student's own bow: all of the bow is taken to be as much larger or smaller
 * @returns null where the stick points at the camera or the hand is too small, and for a hold from below, whose fingers do not cross the stick
 */
export function bowInView(
  view: View,
  side: Side,
  { bow, hand: way }: Pick<Hold, 'bow' | 'hand'>,
  frogLengthMm: number,
  { middleFinger }: Pick<HandFacts, 'middleFinger'>,
): BowInView | null {
  const sight = SIGHTS[view];
  const hairIsClockwise = hairTurn(view, side);
  if (!sight || hairIsClockwise === null || way === 'under') return null;
  const full = BOW_BODIES[bow];
  const body = scaledBody(full, frogLengthMm / full.frogLengthMm);
  return {
    sight,
    hairIsClockwise,
    sizes: {
      frogLengthMm: body.frogLengthMm,
      stickMm: 2 * body.stickRadiusMm,
      undersideMm: -body.frog.bottomMm,
    },
    middleFingerMm: middleFinger.mm,
  };
}
