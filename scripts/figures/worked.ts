import { UNKNOWN_HAND, type HandFacts } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import {
  measureCapture,
  type Capture,
  type Measure,
  type MeasureId,
  type PointName,
  type View,
} from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';

export type Points = Partial<Record<PointName, Vec2>>;

/** Scale of the drawn bows, px per mm. */
export const PX_PER_MM = 3;
export const FROG_MM = 46;

/** A level stick at this height with its frog's front at this place, the tip to the right. */
export const levelBow = (frontX: number, y: number): Points => ({
  stickHandEnd: { x: 20, y },
  stickTipEnd: { x: 400, y },
  frogFront: { x: frontX, y: y + 30 },
  frogBack: { x: frontX - FROG_MM * PX_PER_MM, y: y + 30 },
});

/** A measure of drawn points, by the program itself, so that a figure never shows another number. */
export function measured(
  id: MeasureId,
  view: View,
  points: Points,
  holdId = 'violin-shallow',
  hand: HandFacts = UNKNOWN_HAND,
): Measure {
  const capture: Capture = {
    view,
    side: 'right',
    image: { width: 1000, height: 1000 },
    points: Object.fromEntries(
      Object.entries(points).map(([name, at]) => [name, { ...at, sigma: 1 }]),
    ),
    frogLength: { mm: FROG_MM, sdMm: 0.5 },
  };
  const { measures } = measureCapture(capture, holdById(holdId), 'free', hand);
  const measure = measures.find((m) => m.id === id);
  if (!measure) throw new Error(`The drawn points give no ${id}.`);
  return measure;
}

/** A measured number in words: `38°`, `20 mm`, `1.5`. */
export function value(measure: Measure): string {
  if (measure.kind === 'category') return measure.value;
  if (measure.kind === 'looked') return 'good';
  const digits = measure.unit === 'u' ? 1 : measure.unit === 'deg' || measure.unit === 'mm' ? 0 : 2;
  const unit = { deg: '°', mm: ' mm' }[measure.unit as string] ?? '';
  return `${measure.value.toFixed(digits).replace('-', '−')}${unit}`;
}
