import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import type { Vec2 } from '@open-palm/core/units';
import type { Size } from '../../../drawing/pictures/viewport';
import type { Places } from '../../../drawing/annotate/marksState';

/** How much the shapes of two pictures may differ for one's bow to be looked for in the other. */
const SAME_SHAPE = 0.02;

/**
 * The marks of the bow on an earlier picture, brought to the size of this one.
 *
 * @returns null when a mark of the bow is missing, or the pictures have different shapes
 */
export function bowFrom(
  points: Readonly<Partial<Record<string, Vec2>>>,
  earlier: Size,
  picture: Size,
): Places | null {
  const shape = earlier.width / earlier.height / (picture.width / picture.height);
  if (Math.abs(shape - 1) > SAME_SHAPE) return null;
  const scale = picture.width / earlier.width;
  const bow: Places = {};
  for (const name of REQUIRED_BOW_POINTS) {
    const at = points[name];
    if (!at) return null;
    bow[name] = { x: at.x * scale, y: at.y * scale };
  }
  return bow;
}
