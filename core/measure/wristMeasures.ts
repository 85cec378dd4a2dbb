import { DEG_PER_RAD } from '../units';
import { STICK_POINTS, type FlatGeometry } from './geometry';
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
    fromFit: true,
    value: (geometry) => {
      const index = geometry.place('indexMcp');
      const little = geometry.place('littleMcp');
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
    value: (geometry: FlatGeometry) =>
      geometry.flexion('finger', 'wrist', 'middleMcp', 'middlePip'),
  },
  {
    kind: 'number',
    id: 'wristFlexion',
    family: 'wrist',
    unit: 'deg',
    sight: 'wristBend',
    points: ['forearm', 'wrist', 'middleMcp'],
    joint: 'wrist',
    value: (geometry: FlatGeometry) =>
      geometry.flexion('wristFlexion', 'forearm', 'wrist', 'middleMcp'),
  },
  {
    kind: 'number',
    id: 'wristDeviation',
    family: 'wrist',
    unit: 'deg',
    sight: 'wristSideways',
    points: ['forearm', 'wrist', 'middleMcp'],
    joint: 'wrist',
    value: (geometry: FlatGeometry) =>
      geometry.flexion('wristDeviation', 'forearm', 'wrist', 'middleMcp'),
  },
  { kind: 'range', id: 'wristRange', family: 'wrist', unit: 'deg', over: 'wristFlexion' },
];
