import { placeOnStick } from '../bow';
import { axisOf, flexionOf, pointAt, STICK_POINTS } from './figure';
import type { LittlePlace } from './measureIds';
import type { MeasureSpec } from './measureSpec';

/**
 * How far from the stick's axis a fingertip's mark can lie while the finger still rests on the stick, mm:
 * half the stick (about 4.5) and the flesh around the mark (about 7.5). [memory]
 */
export const STICK_REACH_MM = 12;

/** A tip this far past the axis toward the hair hangs over the stick instead of standing on it, mm. [memory] */
const OVER_FROM_MM = 3;

/** Where the little finger rests and how it bends. Its depth is told with the other fingers' in the catalogue. */
export const LITTLE_FINGER_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'category',
    id: 'littlePlace',
    family: 'little',
    unit: 'category',
    views: ['finger-side', 'player-eye'],
    points: [...STICK_POINTS, 'littleTip'],
    value: (figure) => placeOnStick(axisOf(figure), pointAt(figure, 'littleTip')).dMm,
    categories: [
      { name: 'off' satisfies LittlePlace, from: -Infinity },
      { name: 'top' satisfies LittlePlace, from: -STICK_REACH_MM },
      { name: 'over' satisfies LittlePlace, from: OVER_FROM_MM },
    ],
  },
  {
    kind: 'number',
    id: 'littlePipFlexion',
    family: 'little',
    unit: 'deg',
    views: ['profile'],
    points: ['littleMcp', 'littlePip', 'littleDip'],
    joint: 'fingerPip',
    value: (figure) => flexionOf(figure, 'finger', 'littleMcp', 'littlePip', 'littleDip'),
  },
  {
    kind: 'number',
    id: 'littleDipFlexion',
    family: 'little',
    unit: 'deg',
    views: ['profile'],
    points: ['littlePip', 'littleDip', 'littleTip'],
    joint: 'fingerDip',
    value: (figure) => flexionOf(figure, 'finger', 'littlePip', 'littleDip', 'littleTip'),
  },
];
