import type { Hold } from '@open-palm/core/holds';
import type { Side, View } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { isHandView, recogniseView } from '@open-palm/vision/recogniseView';

/**
 * The view that a found hand shows, where that is another one than was said or assumed. From the front and from where the whole bow is seen a
 * hand looks as from its fingers' side: whoever says so is believed.
 *
 * @param hand the found hand's 21 points, px
 * @returns null where it is the same, or nothing is sure
 */
export function otherView(
  view: View,
  hand: readonly Vec2[],
  side: Side,
  { hand: way }: Pick<Hold, 'hand'>,
): View | null {
  if (way === 'under' || !isHandView(view)) return null;
  const seen = recogniseView(hand, side);
  return seen === view ? null : seen;
}
