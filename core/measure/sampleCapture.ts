import { bandFor, type Hold } from '../holds';
import { seededNormal } from '../stats';
import { POINT_NAMES, type Capture, type Context } from './capture';
import { specOf } from './catalogue';
import { categoryAt, categoryVerdict } from './categorise';
import { figureOf, moved } from './figure';
import { measureCapture, type Breakdown, type Measure } from './measureCapture';
import { verdictOf } from './verdict';

/** How often the points are thrown anew. */
export const DRAWS = 2000;

/**
 * Every measure of a picture with its doubt from Monte Carlo draws over the doubts of the points, of the frog's length
 * and of the view. Where a measure is smooth the draws agree with `measureCapture`; where crossings appear and vanish,
 * and for categories, they are the better answer. The seed comes from the picture's own points, so that the same
 * picture always gives the same answer.
 *
 * @param capture free of issues
 * @param draws how many, by default 2,000
 * @throws InputError when points coincide
 */
export function sampleCapture(
  capture: Capture,
  hold: Hold,
  context?: Context,
  draws = DRAWS,
): Breakdown {
  const { measures, notMeasured } = measureCapture(capture, hold, context);
  const samples = drawSamples(capture, hold.hand === 'over', measures, draws);
  return {
    measures: measures.map((measure, i) => fromSamples(measure, samples[i]!, hold, context)),
    notMeasured,
  };
}

/** For each measure its value in every draw; NaN where it cannot be told. */
function drawSamples(
  capture: Capture,
  handAbove: boolean,
  measures: readonly Measure[],
  draws: number,
): Float64Array[] {
  const normal = seededNormal(seedOf(capture));
  const figure = figureOf(capture, handAbove);
  const home = figureOf(capture, handAbove);
  const specs = measures.map(({ id }) => specOf(id));
  const marked = POINT_NAMES.flatMap((name) => {
    const point = capture.points[name];
    return point
      ? [{ at: figure.points[name]!, home: home.points[name]!, sigma: point.sigma }]
      : [];
  });
  const samples = specs.map(() => new Float64Array(draws));
  for (let draw = 0; draw < draws; draw += 1) {
    for (const { at, home: centre, sigma } of marked) {
      at.x = centre.x + sigma * normal();
      at.y = centre.y + sigma * normal();
    }
    figure.frogLengthMm = capture.frogLength.mm + capture.frogLength.sdMm * normal();
    moved(figure);
    specs.forEach((spec, i) => {
      const viewSd = spec.kind === 'number' ? (spec.viewSd ?? 0) : 0;
      samples[i]![draw] = spec.value(figure) + (viewSd === 0 ? 0 : viewSd * normal());
    });
  }
  return samples;
}

function fromSamples(
  measure: Measure,
  samples: Float64Array,
  hold: Hold,
  context: Context | undefined,
): Measure {
  const spec = specOf(measure.id);
  if (measure.kind === 'category' && spec.kind === 'category') {
    const counts = spec.categories.map(({ name }) => ({ name, probability: 0 }));
    for (const sample of samples) counts[categoryAt(spec.categories, sample)]!.probability += 1;
    const shares = counts.map((c) => ({ ...c, probability: c.probability / samples.length }));
    const best = shares.reduce((a, b) => (b.probability > a.probability ? b : a));
    const verdict = measure.band ? categoryVerdict(shares, measure.band.allowed) : 'none';
    return { ...measure, value: best.name, probability: best.probability, verdict };
  }
  if (measure.kind !== 'number') return measure;
  const sd = spreadAround(samples, measure.value);
  const band = bandFor(hold, measure.id, context);
  if (!band || 'allowed' in band || measure.implausible) return { ...measure, sd };
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
  let told = 0;
  for (const sample of samples) {
    if (Number.isNaN(sample)) continue;
    sum += (sample - value) ** 2;
    told += 1;
  }
  return told === 0 ? 0 : Math.sqrt(sum / told);
}

/** A seed from the points' places, to a hundredth of a pixel (FNV-1a over the numbers). */
function seedOf({ points }: Capture): number {
  let hash = 0x811c9dc5;
  for (const name of POINT_NAMES) {
    const point = points[name];
    if (!point) continue;
    for (const number of [point.x, point.y]) {
      hash = Math.imul(hash ^ Math.round(number * 100), 0x01000193);
    }
  }
  return hash;
}
