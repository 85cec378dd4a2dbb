import { sortedAlong } from './categories';
import { STICK_POINTS, type FlatGeometry } from './geometry';
import { depthMeasure, pipMeasure, STICK_REACH_MM } from './fingerMeasures';
import type { MeasureSpec } from './measureSpec';

/**
 * Where the little finger rests: off the stick, on top of it, hanging over it, its pad flat on the frog's side, or
 * under the frog. From outside, a finger over the stick beside the frog and one flat on the frog look alike: a picture of
 * an over-hand hold says `over` for both, and a tap can tell.
 */
export const LITTLE_PLACES = ['off', 'top', 'over', 'flat', 'under'] as const;

/** A tip this far past the axis toward the hair hangs over the stick instead of standing on it, mm. [memory] */
const OVER_FROM_MM = 3;

/** A tip within this distance of the frog's underside carries it from below, mm: half a fingertip. [memory] */
const UNDER_REACH_MM = 5;

/** Where each place begins, mm off the axis toward the hair, in the order of `LITTLE_PLACES`. */
function placeStarts({ flat: { handAbove, section } }: FlatGeometry): readonly number[] {
  if (handAbove) return [-Infinity, -STICK_REACH_MM, OVER_FROM_MM, Infinity, Infinity];
  const flatFrom = section.stickRadiusMm;
  return [-Infinity, flatFrom, flatFrom, flatFrom, section.frogUndersideMm - UNDER_REACH_MM];
}

/** Where the little finger rests and how it bends. */
export const LITTLE_FINGER_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'category',
    id: 'littlePlace',
    family: 'little',
    unit: 'category',
    sight: 'fingersOnStick',
    points: [...STICK_POINTS, 'littleTip'],
    categories: LITTLE_PLACES,
    rule: sortedAlong((geometry) => geometry.place('littleTip').dMm, placeStarts),
  },
  depthMeasure('littleDepth', 'little', 'little'),
  pipMeasure('littlePipFlexion', 'little', 'little'),
  {
    kind: 'number',
    id: 'littleDipFlexion',
    family: 'little',
    unit: 'deg',
    sight: 'fingerBend',
    points: ['littlePip', 'littleDip', 'littleTip'],
    bones: ['littleDip', 'littleTip'],
    joint: 'fingerDip',
    fromFit: true,
    value: (geometry) => geometry.flexion('finger', 'littlePip', 'littleDip', 'littleTip'),
  },
];
