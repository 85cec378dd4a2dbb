import { placeOnStick } from '../bow';
import { DEG_PER_RAD } from '../units';
import { axisOf, flexionOf, pointAt, STICK_POINTS } from './geometry';
import type { MeasureSpec } from './measureSpec';

/** Lean and height of the knuckles, and the wrist. */
export const WRIST_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'number',
    id: 'handLean',
    family: 'wrist',
    unit: 'deg',
    sight: 'knuckleLine',
    points: [...STICK_POINTS, 'indexMcp', 'littleMcp'],
    value: (geometry) => {
      const axis = axisOf(geometry);
      const index = placeOnStick(axis, pointAt(geometry, 'indexMcp'));
      const little = placeOnStick(axis, pointAt(geometry, 'littleMcp'));
      return Math.atan2(index.dMm - little.dMm, index.xMm - little.xMm) * DEG_PER_RAD;
    },
  },
  {
    kind: 'number',
    id: 'knuckleHeight',
    family: 'wrist',
    unit: 'deg',
    sight: 'fingerBend',
    points: ['wrist', 'middleMcp', 'middlePip'],
    bones: ['middlePip'],
    joint: 'fingerMcp',
    // How sharply the line from the wrist over the knuckle to the middle joint turns: 0 is flat, more is peaked.
    value: (geometry) => flexionOf(geometry, 'finger', 'wrist', 'middleMcp', 'middlePip'),
  },
  {
    kind: 'number',
    id: 'wristFlexion',
    family: 'wrist',
    unit: 'deg',
    sight: 'wristBend',
    points: ['forearm', 'wrist', 'middleMcp'],
    joint: 'wrist',
    value: (geometry) => flexionOf(geometry, 'wristFlexion', 'forearm', 'wrist', 'middleMcp'),
  },
  {
    kind: 'number',
    id: 'wristDeviation',
    family: 'wrist',
    unit: 'deg',
    sight: 'wristSideways',
    points: ['forearm', 'wrist', 'middleMcp'],
    joint: 'wrist',
    value: (geometry) => flexionOf(geometry, 'wristDeviation', 'forearm', 'wrist', 'middleMcp'),
  },
  { kind: 'range', id: 'wristRange', family: 'wrist', unit: 'deg', over: 'wristFlexion' },
];
