import { FERRULE_REACH_MM, FERRULE_X_MM, placeOnStick } from '../bow';
import { FINGER_CHAIN, FINGERS, naturalGapMm, YARDSTICK_SD_SHARE, type Finger } from '../hand';
import { nearestWithin } from './categories';
import { PARALLAX_SD_U, type Contact } from './contactDepth';
import { STICK_POINTS, type FlatGeometry, type Geometry } from './geometry';
import type { MeasureId } from './measureIds';
import { contactPoints, type MeasureSpec, type NumberSpec } from './measureSpec';

/**
 * How far from the stick's axis a fingertip's mark can lie while the finger still rests on the stick, mm:
 * half the stick (about 4.5) and the flesh around the mark (about 7.5). [memory]
 */
export const STICK_REACH_MM = 12;

/** Where on a finger the stick lies; NaN for a finger that is not at the stick. */
export const depthMeasure = (
  id: MeasureId,
  family: NumberSpec['family'],
  finger: Finger,
): NumberSpec => ({
  kind: 'number',
  id,
  family,
  unit: 'u',
  sight: 'fingersOnStick',
  points: contactPoints(finger),
  viewSd: PARALLAX_SD_U,
  fromFit: true,
  value: (geometry) => {
    const contact = geometry.contact(finger);
    return isAtStick(contact) ? contact.u : NaN;
  },
});

/** Bend of a finger's middle joint. */
export const pipMeasure = (
  id: MeasureId,
  family: NumberSpec['family'],
  finger: Finger,
): NumberSpec => {
  const [mcp, pip, dip] = FINGER_CHAIN[finger];
  return {
    kind: 'number',
    id,
    family,
    unit: 'deg',
    sight: 'fingerBend',
    points: [mcp, pip, dip],
    bones: [pip, dip],
    joint: 'fingerPip',
    fromFit: true,
    value: (geometry) => geometry.flexion('finger', mcp, pip, dip),
  };
};

const isAtStick = (contact: Contact) => Math.abs(contact.dMm) <= STICK_REACH_MM;

/** Where a finger is along the stick; NaN for one that is not at the stick. */
export function fingerPlace(geometry: Geometry, finger: Finger): number {
  const contact = geometry.contact(finger);
  return isAtStick(contact) ? contact.xMm : NaN;
}

const NEIGHBOURS = [
  ['index', 'middle'],
  ['middle', 'ring'],
  ['ring', 'little'],
] as const satisfies readonly (readonly [Finger, Finger])[];

const gapMeasure = (id: MeasureId, [nearer, farther]: readonly [Finger, Finger]): NumberSpec => ({
  kind: 'number',
  id,
  family: 'fingers',
  unit: 'mm',
  sight: 'fingersOnStick',
  points: contactPoints(nearer, farther),
  fromFit: true,
  value: (geometry) => fingerPlace(geometry, nearer) - fingerPlace(geometry, farther),
});

/** A hand whose fingers touch or cross as it hangs is no measure for how far apart they should be, mm. [memory] */
const LEAST_NATURAL_GAP_MM = 2;

/** A gap over the one that the same two fingers leave, at the same depths, when the hand hangs: 1 is as relaxed. */
const gapRatioMeasure = (
  id: MeasureId,
  [nearer, farther]: readonly [Finger, Finger],
): NumberSpec => {
  const naturalMm = (geometry: FlatGeometry): number => {
    const { relaxed } = geometry.flat;
    if (!relaxed) return NaN;
    const depth = (finger: Finger) => ({ finger, u: geometry.contact(finger).u });
    return naturalGapMm(relaxed, geometry.middleFingerMm, depth(nearer), depth(farther));
  };
  return {
    kind: 'number',
    id,
    family: 'fingers',
    unit: 'ratio',
    sight: 'fingersOnStick',
    points: contactPoints(nearer, farther),
    // Off the stick there is no depth to compare at, which is told by the value.
    hasRelaxed: (geometry) =>
      geometry.flat.relaxed !== null && !(naturalMm(geometry) < LEAST_NATURAL_GAP_MM),
    viewSdShare: YARDSTICK_SD_SHARE,
    value: (geometry: FlatGeometry) =>
      (fingerPlace(geometry, nearer) - fingerPlace(geometry, farther)) / naturalMm(geometry),
  };
};

/** Depth, lead, spacing and bend of the fingers. */
export const FINGER_MEASURES: readonly MeasureSpec[] = [
  depthMeasure('indexDepth', 'fingers', 'index'),
  {
    kind: 'number',
    id: 'indexLead',
    family: 'fingers',
    unit: 'mm',
    sight: 'indexAgainstThumb',
    points: [...contactPoints('index'), 'thumbTip'],
    fromFit: true,
    value: (geometry) => fingerPlace(geometry, 'index') - geometry.place('thumbTip').xMm,
  },
  depthMeasure('middleDepth', 'fingers', 'middle'),
  depthMeasure('ringDepth', 'fingers', 'ring'),
  {
    kind: 'category',
    id: 'ferruleFinger',
    family: 'fingers',
    unit: 'category',
    sight: 'fingersOnStick',
    points: [...STICK_POINTS, 'indexTip', 'middleTip', 'ringTip', 'littleTip'],
    categories: [...FINGERS, 'none'],
    rule: nearestWithin(
      FINGERS.map((finger) => (geometry: FlatGeometry) => {
        const tip = geometry.point(FINGER_CHAIN[finger][3]);
        return placeOnStick(geometry.axis, tip).xMm - FERRULE_X_MM;
      }),
      FERRULE_REACH_MM,
    ),
  },
  gapMeasure('gap12', NEIGHBOURS[0]),
  gapMeasure('gap23', NEIGHBOURS[1]),
  gapMeasure('gap34', NEIGHBOURS[2]),
  {
    kind: 'number',
    id: 'gapEvenness',
    family: 'fingers',
    unit: 'ratio',
    sight: 'fingersOnStick',
    points: contactPoints(...FINGERS),
    // Coefficient of variation of the three gaps (SD over all three, divided by their mean): 0 is even.
    value: (geometry: FlatGeometry) => {
      const [one, two, three, four] = FINGERS.map((finger) => fingerPlace(geometry, finger)) as [
        number,
        number,
        number,
        number,
      ];
      const gaps = [one - two, two - three, three - four];
      const mean = (one - four) / 3;
      const variance = gaps.reduce((sum, gap) => sum + (gap - mean) ** 2, 0) / 3;
      return Math.sqrt(variance) / Math.abs(mean);
    },
  },
  {
    kind: 'number',
    id: 'spread',
    family: 'fingers',
    unit: 'mm',
    sight: 'fingersOnStick',
    points: contactPoints('index', 'little'),
    fromFit: true,
    value: (geometry) => fingerPlace(geometry, 'index') - fingerPlace(geometry, 'little'),
  },
  gapRatioMeasure('gapRatio12', NEIGHBOURS[0]),
  gapRatioMeasure('gapRatio23', NEIGHBOURS[1]),
  gapRatioMeasure('gapRatio34', NEIGHBOURS[2]),
  pipMeasure('indexPipFlexion', 'fingers', 'index'),
  pipMeasure('middlePipFlexion', 'fingers', 'middle'),
  pipMeasure('ringPipFlexion', 'fingers', 'ring'),
];
