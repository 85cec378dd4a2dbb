import { BOW_SECTIONS } from '../bow';
import { UNKNOWN_HAND, type HandFacts } from '../hand';
import { bandFor, type Hold } from '../holds';
import type { Capture, Context } from './capture';
import { CATALOGUE } from './catalogue';
import { geometryOf, type FlatGeometry, type GeometryFacts } from './geometry';
import { firstOrderSds, type Computed } from './firstOrder';
import { boneTilts, retakeFor } from './foreshortening';
import { asFlatTells, categoryMeasure, numberMeasure } from './withVerdict';
import type { CategorySpec, MeasureSpec, NumberSpec } from './measureSpec';
import type { Breakdown, NotMeasured } from './measures';
import { blindReason, viewsOf } from './sights';

/** What a hold and a hand say about every geometry of them. */
export const geometryFacts = (hold: Hold, hand: HandFacts): GeometryFacts => ({
  handAbove: hold.hand === 'over',
  section: BOW_SECTIONS[hold.bow],
  hand,
});

/**
 * Every measure that one picture can give, against the hold's bands, with first-order doubt.
 *
 * @param capture checked before with `findCaptureIssues`; degenerate points throw
 * @param context chooses the bands that differ along the bow
 * @param hand what is known of the student's hand; its relaxed picture is what gaps are compared with
 * @throws InputError when points coincide
 */
export function measureCapture(
  capture: Capture,
  hold: Hold,
  context?: Context | null,
  hand: HandFacts = UNKNOWN_HAND,
): Breakdown {
  const geometry = geometryOf(capture, geometryFacts(hold, hand));
  const notMeasured: NotMeasured[] = [];
  const specs: (NumberSpec | CategorySpec)[] = [];
  for (const spec of CATALOGUE) {
    const reason = whyNot(spec, geometry, capture, hold);
    if (reason) notMeasured.push(reason);
    else if (spec.kind === 'number' || spec.kind === 'category') specs.push(spec);
  }
  const readings = specs.map(readingsOf);
  const sds = firstOrderSds(readings.flat(), geometry, capture, hand.middleFinger.sdMm);
  const tilts = boneTilts(capture, hand);
  let next = 0;
  const measures = specs.flatMap((spec, i) => {
    const own = sds.slice(next, (next += readings[i]!.length));
    const values = readings[i]!.map(({ value }) => value(geometry));
    const band = bandFor(hold, spec.id, context);
    if (spec.kind === 'category') {
      return categoryMeasure(spec, spec.rule.shares(values, own, geometry), band);
    }
    const sd = Math.hypot(own[0]!, viewSdOf(spec, values[0]!));
    if (!Number.isFinite(values[0]! + sd)) {
      // Points so odd that a hair's breadth more makes it anything: no number is told.
      const { id, family } = spec;
      notMeasured.push({ id, family, reason: spec.hasRelaxed ? 'needsRelaxedHand' : 'offStick' });
      return [];
    }
    const retake = retakeFor(capture.view, spec.bones, tilts);
    return asFlatTells(spec, numberMeasure(spec, values[0]!, sd, band, retake));
  });
  return { measures, notMeasured };
}

/** SD that the view adds to a value of this measure, in its unit. */
export const viewSdOf = ({ viewSd = 0, viewSdShare = 0 }: NumberSpec, value: number): number =>
  Math.hypot(viewSd, viewSdShare * value);

function readingsOf(spec: NumberSpec | CategorySpec): Computed[] {
  const values = spec.kind === 'number' ? [spec.value] : spec.rule.readings;
  return values.map((value) => ({ points: spec.points, value }));
}

/** Why a measure has no value in this picture; null when it has one. */
function whyNot(
  spec: MeasureSpec,
  geometry: FlatGeometry,
  capture: Capture,
  hold: Hold,
): NotMeasured | null {
  const { id, family } = spec;
  const checkpoint = hold.checkpoints[id];
  if (checkpoint && 'notApplicable' in checkpoint) {
    return { id, family, reason: 'notApplicable', because: checkpoint.notApplicable };
  }
  if (spec.kind === 'tap') return { id, family, reason: 'tapOnly' };
  if (spec.kind === 'range') return { id, family, reason: 'needsHeelAndPoint' };
  const views = viewsOf(spec.sight);
  if (!views.includes(capture.view)) {
    return { id, family, reason: 'view', views, why: blindReason(spec.sight, capture.view) };
  }
  const missing = spec.points.filter((name) => !capture.points[name]);
  if (missing.length > 0) return { id, family, reason: 'notSeen', points: missing };
  if (spec.kind === 'category') return null;
  if (spec.hasRelaxed?.(geometry) === false) return { id, family, reason: 'needsRelaxedHand' };
  return Number.isNaN(spec.value(geometry)) ? { id, family, reason: 'offStick' } : null;
}
