import { bowSkewDeg, mmPerPixel } from '../bow';
import { flexion2d } from '../hand';
import type { FlatGeometry } from './geometry';
import type { MeasureSpec } from './measureSpec';

export const ELBOW_LEVELS = ['dropped', 'level', 'raised'] as const;

/** How the stick leans on the string: toward the fingerboard as it is taught, upright, or fallen toward the bridge. */
export const STICK_ROLLS = ['fallenBack', 'upright', 'leaning'] as const;

/** The elbow, and how the bow stands: on the string, against it, and how tight its hair is. */
export const ARM_AND_BOW_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'number',
    id: 'elbowBend',
    family: 'wrist',
    unit: 'deg',
    sight: 'elbow',
    points: ['shoulder', 'elbow', 'wrist'],
    joint: 'elbow',
    // Without a sign: which way an arm hangs on the screen depends on the instrument, and an elbow hardly bends back.
    value: (geometry: FlatGeometry) =>
      Math.abs(
        flexion2d(geometry.point('shoulder'), geometry.point('elbow'), geometry.point('wrist'), 1),
      ),
  },
  { kind: 'tap', id: 'elbowLevel', family: 'wrist', unit: 'category', categories: ELBOW_LEVELS },
  { kind: 'tap', id: 'stickRoll', family: 'wrist', unit: 'category', categories: STICK_ROLLS },
  {
    kind: 'number',
    id: 'bowSkew',
    family: 'wrist',
    unit: 'deg',
    sight: 'bowOnString',
    points: ['stickHandEnd', 'stickTipEnd', 'stringUpper', 'stringLower'],
    value: (geometry: FlatGeometry) =>
      bowSkewDeg(
        { hand: geometry.point('stickHandEnd'), tip: geometry.point('stickTipEnd') },
        { upper: geometry.point('stringUpper'), lower: geometry.point('stringLower') },
      ),
  },
  {
    kind: 'number',
    id: 'hairClearance',
    family: 'wrist',
    unit: 'mm',
    sight: 'middleOfBow',
    points: ['frogFront', 'frogBack', 'stickMid', 'hairMid'],
    value: (geometry: FlatGeometry) => {
      const stick = geometry.point('stickMid');
      const hair = geometry.point('hairMid');
      const scale = mmPerPixel(
        geometry.point('frogFront'),
        geometry.point('frogBack'),
        geometry.frogLengthMm,
      );
      return Math.hypot(stick.x - hair.x, stick.y - hair.y) * scale;
    },
  },
];
