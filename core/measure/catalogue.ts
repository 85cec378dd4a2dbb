import { ARM_AND_BOW_MEASURES } from './armAndBowMeasures';
import { FINGER_MEASURES } from './fingerMeasures';
import { LITTLE_FINGER_MEASURES } from './littleFingerMeasures';
import { MEASURE_IDS, type MeasureId } from './measureIds';
import type { MeasureSpec } from './measureSpec';
import { THUMB_MEASURES } from './thumbMeasures';
import { WRIST_MEASURES } from './wristMeasures';

const SPECS = new Map<MeasureId, MeasureSpec>(
  [
    ...THUMB_MEASURES,
    ...FINGER_MEASURES,
    ...LITTLE_FINGER_MEASURES,
    ...WRIST_MEASURES,
    ...ARM_AND_BOW_MEASURES,
  ].map((spec) => [spec.id, spec]),
);

/** Every measure's definition, in the order of inspection. */
export const CATALOGUE: readonly MeasureSpec[] = MEASURE_IDS.map((id) => specOf(id));

/**
 * The definition of one measure: its family, unit, views and points.
 *
 * @example specOf('thumbPlace').unit // 'mm'
 */
export function specOf(id: MeasureId): MeasureSpec {
  const spec = SPECS.get(id);
  if (!spec) throw new Error(`The catalogue has no measure "${id}".`);
  return spec;
}
