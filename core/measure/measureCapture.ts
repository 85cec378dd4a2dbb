import { PLAUSIBLE_FLEXION_DEG } from '../hand';
import { bandFor, type Allowed, type Band, type Hold, type Range } from '../holds';
import type { Capture, Context, PointName } from './capture';
import { CATALOGUE } from './catalogue';
import { categoryShares, categoryVerdict } from './categorise';
import { figureOf, type Figure } from './figure';
import { firstOrderSds } from './firstOrder';
import type { Family, MeasureId, Unit } from './measureIds';
import type { CategorySpec, MeasureSpec, NumberSpec } from './measureSpec';
import { canDecide, verdictAgainst, type Verdict } from './verdict';
import type { View } from './view';

interface MeasureBase {
  id: MeasureId;
  family: Family;
  unit: Unit;
  verdict: Verdict;
}

/** A number with its doubt. */
export interface NumberMeasure extends MeasureBase {
  kind: 'number';
  value: number;
  sd: number;
  band: Range | null;
  /** False when the band is too narrow for this picture ever to say "in". */
  decidable: boolean;
  /** True when the joint cannot bend like this: one of its points is probably misplaced. */
  implausible: boolean;
}

/** A category with the probability that it is the right one. */
export interface CategoryMeasure extends MeasureBase {
  kind: 'category';
  value: string;
  probability: number;
  band: Allowed | null;
}

export type Measure = NumberMeasure | CategoryMeasure;

/** Why a measure has no value: the view cannot show it, a point was not seen, or the finger is not at the stick. */
export type NotMeasured = {
  id: MeasureId;
  family: Family;
} & (
  | { reason: 'view'; views: readonly View[] }
  | { reason: 'notSeen'; points: PointName[] }
  | { reason: 'offStick' }
);

export interface Breakdown {
  measures: Measure[];
  notMeasured: NotMeasured[];
}

/**
 * Every measure that one picture can give, against the hold's bands, with first-order doubt.
 *
 * @param capture checked before with `findCaptureIssues`; degenerate points throw
 * @param context chooses the bands that differ along the bow
 * @throws InputError when points coincide
 */
export function measureCapture(capture: Capture, hold: Hold, context?: Context): Breakdown {
  const figure = figureOf(capture, hold.hand === 'over');
  const notMeasured: NotMeasured[] = [];
  const seen: { spec: MeasureSpec; value: number }[] = [];
  for (const spec of CATALOGUE) {
    const outcome = valueOrReason(spec, figure, capture);
    if (typeof outcome === 'number') seen.push({ spec, value: outcome });
    else notMeasured.push(outcome);
  }
  const specs = seen.map(({ spec }) => spec);
  const clickSds = firstOrderSds(specs, figure, capture);
  const measures = seen.map(({ spec, value }, i) => {
    const band = bandFor(hold, spec.id, context);
    return spec.kind === 'number'
      ? numberMeasure(spec, value, clickSds[i]!, band)
      : categoryMeasure(spec, value, clickSds[i]!, band);
  });
  return { measures, notMeasured };
}

function valueOrReason(spec: MeasureSpec, figure: Figure, capture: Capture): number | NotMeasured {
  const { id, family } = spec;
  if (!spec.views.includes(capture.view)) return { id, family, reason: 'view', views: spec.views };
  const missing = spec.points.filter((name) => !capture.points[name]);
  if (missing.length > 0) return { id, family, reason: 'notSeen', points: missing };
  const value = spec.value(figure);
  return Number.isNaN(value) ? { id, family, reason: 'offStick' } : value;
}

function numberMeasure(
  spec: NumberSpec,
  value: number,
  clickSd: number,
  band: Band | null,
): NumberMeasure {
  const { id, family, unit } = spec;
  const sd = Math.hypot(clickSd, spec.viewSd ?? 0);
  const plausible = spec.joint && PLAUSIBLE_FLEXION_DEG[spec.joint];
  const implausible =
    plausible !== undefined && (value < plausible.lo - 3 * sd || value > plausible.hi + 3 * sd);
  const range = band && 'allowed' in band ? null : band;
  const verdict = range ? verdictAgainst(value, sd, range) : 'none';
  return {
    kind: 'number',
    id,
    family,
    unit,
    value,
    sd,
    band: range,
    verdict: implausible && range ? 'unsure' : verdict,
    decidable: range ? canDecide(sd, range) : true,
    implausible,
  };
}

function categoryMeasure(
  spec: CategorySpec,
  value: number,
  sd: number,
  band: Band | null,
): CategoryMeasure {
  const { id, family, unit } = spec;
  const shares = categoryShares(spec.categories, value, sd);
  const best = shares.reduce((a, b) => (b.probability > a.probability ? b : a));
  const allowed = band && 'allowed' in band ? band : null;
  return {
    kind: 'category',
    id,
    family,
    unit,
    value: best.name,
    probability: best.probability,
    band: allowed,
    verdict: allowed ? categoryVerdict(shares, allowed.allowed) : 'none',
  };
}
