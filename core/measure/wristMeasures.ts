import { placeOnStick } from '../bow';
import { DEG_PER_RAD } from '../units';
import { axisOf, flexionOf, pointAt, STICK_POINTS } from './figure';
import type { MeasureSpec } from './measureSpec';

/** Lean of the hand, wrist, and the bow's direction against the string. */
export const WRIST_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'number',
    id: 'handLean',
    family: 'wrist',
    unit: 'deg',
    views: ['player-eye', 'front'],
    points: [...STICK_POINTS, 'indexMcp', 'littleMcp'],
    value: (figure) => {
      const axis = axisOf(figure);
      const index = placeOnStick(axis, pointAt(figure, 'indexMcp'));
      const little = placeOnStick(axis, pointAt(figure, 'littleMcp'));
      return Math.atan2(index.dMm - little.dMm, index.xMm - little.xMm) * DEG_PER_RAD;
    },
  },
  {
    kind: 'number',
    id: 'wristFlexion',
    family: 'wrist',
    unit: 'deg',
    views: ['profile'],
    points: ['forearm', 'wrist', 'middleMcp'],
    joint: 'wrist',
    value: (figure) => flexionOf(figure, 'wristFlexion', 'forearm', 'wrist', 'middleMcp'),
  },
  {
    kind: 'number',
    id: 'wristDeviation',
    family: 'wrist',
    unit: 'deg',
    views: ['player-eye'],
    points: ['forearm', 'wrist', 'middleMcp'],
    joint: 'wrist',
    value: (figure) => flexionOf(figure, 'wristDeviation', 'forearm', 'wrist', 'middleMcp'),
  },
  {
    kind: 'number',
    id: 'bowSkew',
    family: 'wrist',
    unit: 'deg',
    views: ['front'],
    points: ['stickHandEnd', 'stickTipEnd', 'stringUpper', 'stringLower'],
    // 90° − ∠(stick toward tip, string toward scroll): positive when the point drifts toward the scroll.
    value: (figure) => {
      const hand = pointAt(figure, 'stickHandEnd');
      const tip = pointAt(figure, 'stickTipEnd');
      const upper = pointAt(figure, 'stringUpper');
      const lower = pointAt(figure, 'stringLower');
      const stick = { x: tip.x - hand.x, y: tip.y - hand.y };
      const string = { x: upper.x - lower.x, y: upper.y - lower.y };
      const across = Math.abs(stick.x * string.y - stick.y * string.x);
      const along = stick.x * string.x + stick.y * string.y;
      return Math.atan2(along, across) * DEG_PER_RAD;
    },
  },
];
