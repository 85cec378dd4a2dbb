import { UNKNOWN_HAND, type HandFacts } from '../hand';
import { bandFor, type Hold } from '../holds';
import { seededNormal } from '../stats';
import { POINT_NAMES, type Capture, type Context, type PointName } from './capture';
import type { Vec2 } from '../units';
import { specOf } from './catalogue';
import { geometryOf } from './geometry';
import { categoryMeasure } from './withVerdict';
import { geometryFacts, measureCapture, viewSdOf } from './measureCapture';
import type { CategorySpec, NumberSpec } from './measureSpec';
import type { Breakdown, Measure, NumberMeasure } from './measures';
import { verdictOf } from './verdict';

/** How often the points are thrown anew. */
export const DRAWS = 2000;

/**
 * Every measure of a picture with its doubt from Monte Carlo draws over the doubts of the points, of the known lengths
 * and of the view. Where a measure is smooth the draws agree with `measureCapture`; where crossings appear and vanish,
 * and for categories, they are the better answer. Every point is thrown from a seed of its own place and name, so that the
 * same picture always gives the same answer, and a point that a measure does not read cannot change its doubt.
 *
 * @param capture free of issues
 * @param draws how many, by default 2,000
 * @throws InputError when points coincide
 */
export function sampleCapture(
  capture: Capture,
  hold: Hold,
  context?: Context | null,
  hand: HandFacts = UNKNOWN_HAND,
  draws = DRAWS,
): Breakdown {
  const { measures, notMeasured } = measureCapture(capture, hold, context, hand);
  const samples = drawSamples(capture, hold, hand, measures, draws);
  return {
    measures: measures.map((measure, i) => fromSamples(measure, samples[i]!, hold, context)),
    notMeasured,
  };
}

/** For each measure its value in every draw (a category as its place in the list); NaN where it cannot be told. */
function drawSamples(
  capture: Capture,
  hold: Hold,
  hand: HandFacts,
  measures: readonly Measure[],
  draws: number,
): Float64Array[] {
  const [frogMm, fingerMm] = [seededNormal(seedOf('frog')), seededNormal(seedOf('finger'))];
  const facts = geometryFacts(hold, hand);
  const home = geometryOf(capture, facts);
  // Only what a picture shows is measured here, so every spec is one of the two kinds that read points.
  const specs = measures.map(({ id }) => specOf(id) as NumberSpec | CategorySpec);
  const marked = POINT_NAMES.flatMap((name) => {
    const point = capture.points[name];
    return point ? [{ name, ...point, normal: seededNormal(seedOf(name, point.x, point.y)) }] : [];
  });
  const views = measures.map(({ id }) => seededNormal(seedOf(id)));
  const samples = specs.map(() => new Float64Array(draws));
  // One record for all draws: a geometry is read at once and not kept.
  const points: Partial<Record<PointName, Vec2>> = { ...home.points };
  for (let draw = 0; draw < draws; draw += 1) {
    for (const { name, x, y, sigma, normal } of marked) {
      points[name] = { x: x + sigma * normal(), y: y + sigma * normal() };
    }
    const geometry = home.thrown(
      points,
      capture.frogLength.mm + capture.frogLength.sdMm * frogMm(),
      hand.middleFinger.mm + hand.middleFinger.sdMm * fingerMm(),
    );
    specs.forEach((spec, i) => {
      if (spec.kind === 'category') {
        const readings = spec.rule.readings.map((reading) => reading(geometry));
        samples[i]![draw] = spec.rule.at(readings, geometry);
      } else {
        const value = spec.value(geometry);
        const viewSd = viewSdOf(spec, value);
        samples[i]![draw] = value + (viewSd === 0 ? 0 : viewSd * views[i]!());
      }
    });
  }
  return samples;
}

function fromSamples(
  measure: Measure,
  samples: Float64Array,
  hold: Hold,
  context: Context | null | undefined,
): Measure {
  const band = bandFor(hold, measure.id, context);
  if (measure.kind === 'category') {
    const spec = specOf(measure.id) as CategorySpec;
    const shares = spec.categories.map(() => 0);
    for (const sample of samples) shares[sample]! += 1 / samples.length;
    return categoryMeasure(spec, shares, band);
  }
  if (measure.kind !== 'number') return measure;
  return judgedBySamples(measure, samples);
}

function judgedBySamples(measure: NumberMeasure, samples: Float64Array): NumberMeasure {
  const spread = spreadAround(samples, measure.value);
  // Of points so odd that the draws run beyond all numbers the first-order doubt is told.
  const sd = Number.isFinite(spread) ? spread : measure.sd;
  const { band } = measure;
  if (!band || measure.implausible || measure.retake) return { ...measure, sd };
  let [low, high, told] = [0, 0, 0];
  for (const sample of samples) {
    if (Number.isNaN(sample)) continue;
    told += 1;
    if (band.lo !== undefined && sample < band.lo) low += 1;
    if (band.hi !== undefined && sample > band.hi) high += 1;
  }
  const share = (count: number) => count / samples.length;
  const verdict = verdictOf({
    low: share(low),
    inside: share(told - low - high),
    high: share(high),
  });
  return { ...measure, sd, verdict };
}

/** SD about the value itself, over the draws in which it could be told. */
function spreadAround(samples: Float64Array, value: number): number {
  let sum = 0;
  let count = 0;
  for (const sample of samples) {
    if (!Number.isFinite(sample)) continue;
    sum += (sample - value) ** 2;
    count += 1;
  }
  return count === 0 ? 0 : Math.sqrt(sum / count);
}

/** A seed of what is thrown, and of its place to a hundredth of a pixel (FNV-1a). */
function seedOf(name: string, ...place: readonly number[]): number {
  let hash = 0x811c9dc5;
  const letters = Array.from(name, (letter) => letter.codePointAt(0)!);
  for (const number of [...letters, ...place.map((px) => Math.round(px * 100))]) {
    hash = Math.imul(hash ^ number, 0x01000193);
  }
  return hash;
}
