import { placeOnStick } from '../bow';
import { DEG_PER_RAD } from '../units';
import { axisOf, contactOf, flexionOf, pointAt, STICK_POINTS } from './figure';
import { contactPoints, type MeasureSpec } from './measureSpec';

/** Length of the middle finger that the holds' bands are written for, mm. [memory] */
export const REFERENCE_MIDDLE_FINGER_MM = 100;

/** Breadth of a finger over the middle finger's length. [memory] */
export const FINGER_BREADTH_RATIO = 0.19;

const FINGER_BREADTH_MM = FINGER_BREADTH_RATIO * REFERENCE_MIDDLE_FINGER_MM;

/** Bend, place and direction of the thumb. */
export const THUMB_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'number',
    id: 'thumbIpFlexion',
    family: 'thumb',
    unit: 'deg',
    views: ['thumb-side'],
    points: ['thumbMcp', 'thumbIp', 'thumbTip'],
    joint: 'thumbIp',
    value: (figure) => flexionOf(figure, 'thumb', 'thumbMcp', 'thumbIp', 'thumbTip'),
  },
  {
    kind: 'number',
    id: 'thumbMcpFlexion',
    family: 'thumb',
    unit: 'deg',
    views: ['thumb-side'],
    points: ['thumbCmc', 'thumbMcp', 'thumbIp'],
    joint: 'thumbMcp',
    value: (figure) => flexionOf(figure, 'thumb', 'thumbCmc', 'thumbMcp', 'thumbIp'),
  },
  {
    kind: 'number',
    id: 'thumbPlace',
    family: 'thumb',
    unit: 'mm',
    views: ['thumb-side'],
    points: [...STICK_POINTS, 'thumbTip'],
    value: (figure) => placeOnStick(axisOf(figure), pointAt(figure, 'thumbTip')).xMm,
  },
  {
    kind: 'number',
    id: 'thumbApproach',
    family: 'thumb',
    unit: 'deg',
    views: ['thumb-side'],
    points: [...STICK_POINTS, 'thumbIp', 'thumbTip'],
    value: (figure) => {
      const axis = axisOf(figure);
      const ip = placeOnStick(axis, pointAt(figure, 'thumbIp'));
      const tip = placeOnStick(axis, pointAt(figure, 'thumbTip'));
      // An angle between two lines: neither the thumb's nor the stick's sense matters, so it ends at 90°.
      return Math.atan2(Math.abs(tip.dMm - ip.dMm), Math.abs(tip.xMm - ip.xMm)) * DEG_PER_RAD;
    },
  },
  {
    kind: 'number',
    id: 'thumbOpposition',
    family: 'thumb',
    unit: 'fingerBreadth',
    views: ['thumb-side', 'player-eye'],
    points: [...contactPoints('middle'), 'thumbTip'],
    value: (figure) => {
      const axis = axisOf(figure);
      const thumb = placeOnStick(axis, pointAt(figure, 'thumbTip'));
      return (thumb.xMm - contactOf(figure, 'middle').xMm) / FINGER_BREADTH_MM;
    },
  },
];
