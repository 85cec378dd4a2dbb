import { UNKNOWN_HAND, type HandFacts } from '../hand';
import { bandFor, type Band, type Hold } from '../holds';
import { placeOf, type Capture, type Context } from './capture';
import { CATALOGUE, specOf } from './catalogue';
import type { FittedNumber, LookFit } from './fittedSource';
import { numberMeasure } from './withVerdict';
import { measureCapture } from './measureCapture';
import { MEASURE_IDS, PLACES, type MeasureId, type Place } from './measureIds';
import type { Breakdown, MergedMeasure, NotMeasured, NumberMeasure } from './measures';
import type { MeasureSpec } from './measureSpec';
import { mergeSources, type RankedSource } from './mergeSources';
import { viewsOf } from './sights';
import { tapMeasure, type Tap } from './taps';
import type { View } from './view';

/** A picture of a check; `place` says where in the bow it was taken, if not where the whole check was. */
export interface PlacedCapture extends Capture {
  place?: Place | null | undefined;
}

/** All that was seen in one look at a hold. */
export interface Look {
  context: Context;
  captures: readonly PlacedCapture[];
  taps: readonly Tap[];
}

export interface CheckBreakdown {
  measures: MergedMeasure[];
  notMeasured: NotMeasured[];
}

/** How one picture is measured: with first-order doubt, or with drawn doubt. */
export type CaptureMeter = (
  capture: Capture,
  hold: Hold,
  context?: Context | null,
  hand?: HandFacts,
) => Breakdown;

/**
 * Every measure of a whole check: its pictures and the answers by tap, merged.
 *
 * @param look its captures and taps free of issues
 * @param meter `sampleCapture` for what is kept, `measureCapture` while marks move
 * @param fits what hands fitted to several of the pictures tell
 * @throws InputError when points coincide
 */
export function measureCheck(
  look: Look,
  hold: Hold,
  hand: HandFacts = UNKNOWN_HAND,
  meter: CaptureMeter = measureCapture,
  fits: readonly LookFit[] = [],
): CheckBreakdown {
  const own = placeOf(look.context);
  const entries = new Map<
    string,
    { id: MeasureId; place: Place | null; sources: RankedSource[] }
  >();
  const tell = (place: Place | null, source: RankedSource) => {
    const { id } = source.measure;
    const key = `${id} ${place ?? ''}`;
    const entry = entries.get(key) ?? { id, place, sources: [] };
    entry.sources.push(source);
    entries.set(key, entry);
  };
  const breakdowns = look.captures.map((capture, i) => {
    const place = capture.place ?? own;
    const breakdown = meter(capture, hold, place ?? look.context, hand);
    for (const measure of breakdown.measures) {
      tell(place, { capture: i, measure, rank: rankOf(specOf(measure.id), capture.view) });
    }
    return breakdown;
  });
  for (const fit of fits) {
    for (const number of fit.measures) {
      const checkpoint = hold.checkpoints[number.id];
      if (checkpoint && 'notApplicable' in checkpoint) continue;
      const measure = fittedMeasure(number, bandFor(hold, number.id, fit.place ?? look.context));
      tell(fit.place, { capture: null, fitted: [...fit.captures], measure, rank: 0 });
    }
  }
  for (const tap of look.taps) {
    const place = tap.place ?? own;
    const measure = tapMeasure(tap, hold, place ?? look.context);
    tell(place, { capture: null, measure, rank: null });
  }
  const merged = [...entries.values()].map(({ id, place, sources }) => ({
    place,
    ...mergeSources(sources, bandFor(hold, id, place ?? look.context)),
  }));
  const all = [...merged, ...rangesOf(merged, hold)].sort(byInspection);
  const found = new Set(all.map(({ measure }) => measure.id));
  return {
    measures: all,
    notMeasured: CATALOGUE.flatMap((spec) =>
      found.has(spec.id) ? [] : [whyNot(spec, breakdowns, hold)],
    ),
  };
}

function fittedMeasure({ id, value, sd }: FittedNumber, band: Band | null): NumberMeasure {
  const spec = specOf(id);
  const joint = spec.kind === 'number' && spec.joint ? { joint: spec.joint } : {};
  return numberMeasure({ ...spec, ...joint }, value, sd, band);
}

const rankOf = (spec: MeasureSpec, view: View): number =>
  'sight' in spec ? viewsOf(spec.sight).indexOf(view) : 0;

/** What a measure moves between the heel and the point, where both were measured. */
function rangesOf(merged: readonly MergedMeasure[], hold: Hold): MergedMeasure[] {
  return CATALOGUE.flatMap((spec) => {
    if (spec.kind !== 'range' || merged.some(({ measure }) => measure.id === spec.id)) return [];
    const along = merged.filter(
      (m): m is MergedMeasure & { measure: NumberMeasure } =>
        m.measure.id === spec.over && m.place !== null && m.measure.kind === 'number',
    );
    const has = (place: Place) => along.some((m) => m.place === place);
    if (!has('heel') || !has('point')) return [];
    const sorted = along.map(({ measure }) => measure).sort((a, b) => a.value - b.value);
    const [least, most] = [sorted[0]!, sorted.at(-1)!];
    const measure = numberMeasure(
      spec,
      most.value - least.value,
      Math.hypot(most.sd, least.sd),
      bandFor(hold, spec.id),
    );
    return [{ measure, place: null, sources: [], conflict: along.some((m) => m.conflict) }];
  });
}

const byInspection = (a: MergedMeasure, b: MergedMeasure) =>
  MEASURE_IDS.indexOf(a.measure.id) - MEASURE_IDS.indexOf(b.measure.id) ||
  (a.place ? PLACES.indexOf(a.place) : -1) - (b.place ? PLACES.indexOf(b.place) : -1);

/** Reasons in the order in which they help: what a picture nearly showed before what it cannot show. */
const HELPFUL: readonly NotMeasured['reason'][] = [
  'notApplicable',
  'notSeen',
  'offStick',
  'needsRelaxedHand',
  'needsHeelAndPoint',
  'view',
  'tapOnly',
];

function whyNot(spec: MeasureSpec, breakdowns: readonly Breakdown[], hold: Hold): NotMeasured {
  const { id, family } = spec;
  const reasons = breakdowns
    .flatMap(({ notMeasured }) => notMeasured.filter((outcome) => outcome.id === id))
    .sort((a, b) => HELPFUL.indexOf(a.reason) - HELPFUL.indexOf(b.reason));
  if (reasons[0]) return reasons[0];
  const checkpoint = hold.checkpoints[id];
  if (checkpoint && 'notApplicable' in checkpoint) {
    return { id, family, reason: 'notApplicable', because: checkpoint.notApplicable };
  }
  if (spec.kind === 'tap') return { id, family, reason: 'tapOnly' };
  if (spec.kind === 'range') return { id, family, reason: 'needsHeelAndPoint' };
  return { id, family, reason: 'view', views: viewsOf(spec.sight), why: null };
}
