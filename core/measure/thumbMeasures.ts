import { DEG_PER_RAD } from '../units';
import { STICK_POINTS, type FlatGeometry } from './geometry';
import { fingerPlace } from './fingerMeasures';
import { contactPoints, type MeasureSpec } from './measureSpec';

/** Breadth of a finger over the middle finger's length. [memory] */
export const FINGER_BREADTH_RATIO = 0.19;

/** Where the thumb touches, from past its nail to its pad. */
export const THUMB_CONTACTS = ['nail', 'tip', 'pad'] as const;

/**
 * The octagon's facets, 1 on top, clockwise as a right hand's button end shows them with the hair down; for a left hand
 * they are counted the other way, so that the thumb's side is always 6 to 8.
 */
export const FACETS = ['1', '2', '3', '4', '5', '6', '7', '8'] as const;

/** Bend, place and direction of the thumb. */
export const THUMB_MEASURES: readonly MeasureSpec[] = [
  {
    kind: 'number',
    id: 'thumbIpFlexion',
    family: 'thumb',
    unit: 'deg',
    sight: 'thumbBend',
    points: ['thumbMcp', 'thumbIp', 'thumbTip'],
    bones: ['thumbIp', 'thumbTip'],
    joint: 'thumbIp',
    fromFit: true,
    value: (geometry) => geometry.flexion('thumb', 'thumbMcp', 'thumbIp', 'thumbTip'),
  },
  {
    kind: 'number',
    id: 'thumbMcpFlexion',
    family: 'thumb',
    unit: 'deg',
    sight: 'thumbBend',
    points: ['thumbCmc', 'thumbMcp', 'thumbIp'],
    bones: ['thumbIp'],
    joint: 'thumbMcp',
    fromFit: true,
    value: (geometry) => geometry.flexion('thumb', 'thumbCmc', 'thumbMcp', 'thumbIp'),
  },
  {
    kind: 'tap',
    id: 'thumbContact',
    family: 'thumb',
    unit: 'category',
    categories: THUMB_CONTACTS,
  },
  {
    kind: 'number',
    id: 'thumbPlace',
    family: 'thumb',
    unit: 'mm',
    sight: 'thumbOnStick',
    points: [...STICK_POINTS, 'thumbTip'],
    fromFit: true,
    value: (geometry) => geometry.place('thumbTip').xMm,
  },
  {
    kind: 'number',
    id: 'thumbThrough',
    family: 'thumb',
    unit: 'mm',
    sight: 'thumbThrough',
    points: [...STICK_POINTS, 'thumbTip'],
    // Past the stick's far edge, the one toward the hair: below it, the tip shows; negative is still behind. Whether a tip
    // that shows is through the gap, or hangs behind it, one picture does not say.
    neverFlat: 'high',
    value: (geometry: FlatGeometry) =>
      geometry.place('thumbTip').dMm - geometry.flat.section.stickRadiusMm,
  },
  {
    kind: 'number',
    id: 'thumbApproach',
    family: 'thumb',
    unit: 'deg',
    sight: 'thumbOnStick',
    points: [...STICK_POINTS, 'thumbIp', 'thumbTip'],
    bones: ['thumbTip'],
    value: (geometry: FlatGeometry) => {
      const ip = geometry.place('thumbIp');
      const tip = geometry.place('thumbTip');
      // An angle between two lines: neither the thumb's nor the stick's sense matters, so it ends at 90°.
      return Math.atan2(Math.abs(tip.dMm - ip.dMm), Math.abs(tip.xMm - ip.xMm)) * DEG_PER_RAD;
    },
  },
  {
    kind: 'number',
    id: 'thumbOpposition',
    family: 'thumb',
    unit: 'fingerBreadth',
    sight: 'thumbAgainstFingers',
    points: [...contactPoints('middle'), 'thumbTip'],
    fromFit: true,
    value: (geometry) => {
      const breadthMm = FINGER_BREADTH_RATIO * geometry.middleFingerMm;
      return (geometry.place('thumbTip').xMm - fingerPlace(geometry, 'middle')) / breadthMm;
    },
  },
  { kind: 'tap', id: 'thumbFacet', family: 'thumb', unit: 'category', categories: FACETS },
];
