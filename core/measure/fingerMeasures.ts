import { placeOnStick } from '../bow';
import { FINGERS, type Finger } from '../hand';
import { PARALLAX_SD_U, type Contact } from './contactDepth';
import { axisOf, contactOf, pointAt, type Figure } from './figure';
import { STICK_REACH_MM } from './littleFingerMeasures';
import type { MeasureId } from './measureIds';
import { contactPoints, type MeasureSpec, type NumberSpec } from './measureSpec';
import type { View } from './view';

const FINGER_VIEWS: readonly View[] = ['finger-side', 'player-eye'];

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
  views: FINGER_VIEWS,
  points: contactPoints(finger),
  viewSd: PARALLAX_SD_U,
  value: (figure) => {
    const contact = contactOf(figure, finger);
    return isAtStick(contact) ? contact.u : NaN;
  },
});

const isAtStick = (contact: Contact) => Math.abs(contact.dMm) <= STICK_REACH_MM;

/** Places of neighbouring fingers along the stick; NaN for a finger that is not at the stick. */
const fingerPlaces = (figure: Figure, fingers: readonly Finger[]): number[] => {
  return fingers.map((finger) => {
    const contact = contactOf(figure, finger);
    return isAtStick(contact) ? contact.xMm : NaN;
  });
};

const gapMeasure = (id: MeasureId, nearer: Finger, farther: Finger): NumberSpec => ({
  kind: 'number',
  id,
  family: 'fingers',
  unit: 'mm',
  views: FINGER_VIEWS,
  points: contactPoints(nearer, farther),
  value: (figure) => {
    const [a, b] = fingerPlaces(figure, [nearer, farther]) as [number, number];
    return a - b;
  },
});

/** Depth, lead and spacing of the fingers. */
export const FINGER_MEASURES: readonly MeasureSpec[] = [
  depthMeasure('indexDepth', 'fingers', 'index'),
  {
    kind: 'number',
    id: 'indexLead',
    family: 'fingers',
    unit: 'mm',
    views: ['player-eye'],
    points: [...contactPoints('index'), 'thumbTip'],
    value: (figure) => {
      const axis = axisOf(figure);
      const thumb = placeOnStick(axis, pointAt(figure, 'thumbTip'));
      return contactOf(figure, 'index').xMm - thumb.xMm;
    },
  },
  depthMeasure('middleDepth', 'fingers', 'middle'),
  depthMeasure('ringDepth', 'fingers', 'ring'),
  gapMeasure('gap12', 'index', 'middle'),
  gapMeasure('gap23', 'middle', 'ring'),
  gapMeasure('gap34', 'ring', 'little'),
  {
    kind: 'number',
    id: 'gapEvenness',
    family: 'fingers',
    unit: 'ratio',
    views: FINGER_VIEWS,
    points: contactPoints(...FINGERS),
    // Coefficient of variation of the three gaps (SD over all three, divided by their mean): 0 is even.
    value: (figure) => {
      const [one, two, three, four] = fingerPlaces(figure, FINGERS) as [
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
    views: FINGER_VIEWS,
    points: contactPoints('index', 'little'),
    value: (figure) => {
      const [index, little] = fingerPlaces(figure, ['index', 'little']) as [number, number];
      return index - little;
    },
  },
];
