import type { Finger } from '../hand';
import type { DrawnHold } from './drawnHold';
import type { MeasuredGrip } from './measuredGrip';
import { FINGER_BREADTH_RATIO } from '../measure/thumbMeasures';
import type { MeasureId } from '../measure/measureIds';
import type { Digit } from './digits';
import { DIGITS } from './digits';

/** How far a place of a hold is from what was measured where nothing was, mm; and what was measured holds to. */
const LOOSE_MM = 4;
const TOLD_MM = 0.1;

/** Where each digit touches along the stick, mm, and whether anything measured says so. */
export interface DigitPlace {
  xMm: number;
  isMeasured: boolean;
}

/** A measured distance between two digits along the stick. */
interface Relation {
  id: MeasureId;
  ahead: Digit;
  behind: Digit;
  mm: number;
}

/** The measured distances, in millimetres. */
export function relationsOf(
  { measures }: MeasuredGrip,
  middleFingerMm: number,
): readonly Relation[] {
  const breadth = FINGER_BREADTH_RATIO * middleFingerMm;
  const all: readonly (readonly [MeasureId, Digit, Digit, number])[] = [
    ['gap12', 'index', 'middle', 1],
    ['gap23', 'middle', 'ring', 1],
    ['gap34', 'ring', 'little', 1],
    ['spread', 'index', 'little', 1],
    ['indexLead', 'index', 'thumb', 1],
    ['thumbOpposition', 'thumb', 'middle', breadth],
  ];
  return all.flatMap(([id, ahead, behind, unit]) => {
    const value = measures[id];
    return typeof value === 'number' ? [{ id, ahead, behind, mm: value * unit }] : [];
  });
}

/**
 * Where the digits lie along the stick so that what was measured holds as well as it can, and the rest is near the hold's own: weighted
 * least squares over the five places.
 */
export function placesOf(
  grip: MeasuredGrip,
  hold: Pick<DrawnHold, 'startingPlacesMm'>,
  middleFingerMm: number,
): Record<Digit, DigitPlace> {
  const rows: { at: Partial<Record<Digit, number>>; mm: number; sd: number }[] = [];
  const measured = new Set<Digit>();
  for (const digit of DIGITS) {
    rows.push({ at: { [digit]: 1 }, mm: hold.startingPlacesMm[digit], sd: LOOSE_MM });
    const mm = ownPlace(grip, digit);
    if (mm === null) continue;
    rows.push({ at: { [digit]: 1 }, mm, sd: TOLD_MM });
    measured.add(digit);
  }
  for (const { ahead, behind, mm } of relationsOf(grip, middleFingerMm)) {
    rows.push({ at: { [ahead]: 1, [behind]: -1 }, mm, sd: TOLD_MM });
    measured.add(ahead);
    measured.add(behind);
  }
  const solved = leastSquares(
    rows.map(({ at, mm, sd }) => ({
      row: DIGITS.map((digit) => (at[digit] ?? 0) / sd),
      value: mm / sd,
    })),
  );
  return Object.fromEntries(
    DIGITS.map((digit, i) => [digit, { xMm: solved[i]!, isMeasured: measured.has(digit) }]),
  ) as Record<Digit, DigitPlace>;
}

function ownPlace({ contacts, measures }: MeasuredGrip, digit: Digit): number | null {
  if (digit === 'thumb') {
    return typeof measures.thumbPlace === 'number' ? measures.thumbPlace : contacts.thumbXMm;
  }
  const contact = contacts.fingers[digit];
  return contact && !contact.onlyDepth ? contact.xMm : null;
}

/** Gauss–Jordan on the normal equations of five unknowns that are all held. */
function leastSquares(rows: readonly { row: readonly number[]; value: number }[]): number[] {
  const n = DIGITS.length;
  const m = Array.from({ length: n }, (_, i) =>
    Array.from({ length: n + 1 }, (__, j) =>
      rows.reduce((sum, { row, value }) => sum + row[i]! * (j < n ? row[j]! : value), 0),
    ),
  );
  for (let i = 0; i < n; i += 1) {
    const pivot = m[i]![i]!;
    for (let j = i; j <= n; j += 1) m[i]![j]! /= pivot;
    for (let k = 0; k < n; k += 1) {
      if (k === i) continue;
      const factor = m[k]![i]!;
      for (let j = i; j <= n; j += 1) m[k]![j]! -= factor * m[i]![j]!;
    }
  }
  return m.map((row) => row[n]!);
}

/** The measured depth of a finger, joint units; null where none was. */
export function depthOf({ contacts, measures }: MeasuredGrip, finger: Finger): number | null {
  const told = measures[`${finger}Depth` as MeasureId];
  if (typeof told === 'number') return told;
  return contacts.fingers[finger]?.u ?? null;
}
