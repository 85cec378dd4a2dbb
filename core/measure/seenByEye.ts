import { specOf } from './catalogue';
import type { MeasureId } from './measureIds';
import { blindReason } from './sights';
import type { View } from './view';

/** From where an eye sees what no picture measures; what is not named shows from everywhere. */
const BY_EYE: Partial<Record<MeasureId, readonly View[]>> = {
  thumbContact: ['thumb-side'],
  thumbFacet: ['thumb-side', 'down-stick', 'profile'],
};

/**
 * Whether an eye that stands there sees a checkpoint. Two eyes see a bend toward them and a place along the stick, which a flat picture
 * cannot tell; what lies behind something nobody sees.
 *
 * @example isSeenByEye('thumbThrough', 'thumb-side') // false
 * @example isSeenByEye('indexPipFlexion', 'finger-side') // true
 */
export function isSeenByEye(id: MeasureId, view: View): boolean {
  const spec = specOf(id);
  switch (spec.kind) {
    case 'range':
      return isSeenByEye(spec.over, view);
    case 'tap':
      return BY_EYE[id]?.includes(view) ?? true;
    default:
      return blindReason(spec.sight, view) !== 'hidden';
  }
}
