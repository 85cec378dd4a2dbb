import type { Band } from '../holds';
import { specOf } from './catalogue';
import { asFlatTells, categoryMeasure, numberMeasure } from './withVerdict';
import { categoriesOf } from './measureSpec';
import type { CategoryMeasure, Measure, NumberMeasure, Source } from './measures';
import { SURE } from './verdict';

/** Two sources that differ by more than this many of their common SD contradict each other. [memory] */
const CONFLICT_SD = 1.96;

/** A source with how well its view shows the measure, 0 best; null for a person's look, which counts with the best. */
export interface RankedSource extends Source {
  rank: number | null;
}

/**
 * One measure out of everything that tells of it: the view that shows it best is taken; where two show it equally well
 * they are weighed by their doubts (inverse variances). A hand fitted to several pictures reads the same points anew, so
 * it is not weighed with what each of them says flat: the one with the smaller doubt is taken. All that was seen is held
 * against it, and what differs by more than the doubts is a conflict; a flat reading that a fitted hand corrects is none.
 *
 * @param sources at least one, all of the same measure and place
 */
export function mergeSources(
  sources: readonly RankedSource[],
  band: Band | null,
): { measure: Measure; conflict: boolean; sources: Source[] } {
  const isFitted = ({ fitted }: Source) => fitted !== undefined;
  const direct = sources.filter((source) => !isFitted(source));
  const [best] = sources.filter(isFitted).sort((a, b) => sdOf(a) - sdOf(b));
  if (!best) return mergeDirect(direct, band);
  const flat = direct.length > 0 ? mergeDirect(direct, band) : null;
  const taps = direct.filter(({ capture }) => capture === null).map(({ measure }) => measure);
  const conflict = (flat?.conflict ?? false) || contradict([best.measure, ...taps]);
  const isSharper =
    flat === null || !isFirm(flat.measure) || sdOf(best) < sdOf({ measure: flat.measure });
  const measure = isSharper ? best.measure : flat.measure;
  const fitted = { capture: null, fitted: best.fitted, measure: best.measure };
  return {
    measure: conflict && measure.verdict !== 'none' ? unsure(measure) : measure,
    conflict,
    sources: isSharper ? [fitted, ...(flat?.sources ?? [])] : [...flat.sources, fitted],
  };
}

/** The doubt of a number; what is no number cannot be compared, and gives way. */
const sdOf = ({ measure }: { measure: Measure }): number =>
  measure.kind === 'number' ? measure.sd : Infinity;

function mergeDirect(
  sources: readonly RankedSource[],
  band: Band | null,
): { measure: Measure; conflict: boolean; sources: Source[] } {
  const heard = sources.filter((source) => !isMute(source));
  const telling = heard.length > 0 ? heard : sources;
  const firm = telling.filter(({ measure }) => isFirm(measure));
  const usable = firm.length > 0 ? firm : telling;
  const bestRank = Math.min(...usable.map(({ rank }) => rank ?? Infinity));
  const equals = usable.filter(({ rank }) => rank === null || rank === bestRank);
  const ordered = [...equals, ...sources.filter((source) => !equals.includes(source))];
  const conflict = contradict(
    ordered.filter((source) => telling.includes(source)).map(({ measure }) => measure),
  );
  const mean = merged(
    equals.map((source) => source.measure),
    band,
  );
  const measure = heard.length > 0 ? mean : stillOpen(mean);
  return {
    measure: conflict && measure.verdict !== 'none' ? unsure(measure) : measure,
    conflict,
    sources: ordered.map(({ capture, measure: each }) => ({ capture, measure: each })),
  };
}

/** A flat picture that leaves open what it shows gives way to whoever saw it. */
function isMute({ capture, measure }: RankedSource): boolean {
  const spec = specOf(measure.id);
  return (
    capture !== null &&
    spec.kind === 'number' &&
    spec.neverFlat !== undefined &&
    measure.verdict !== 'in'
  );
}

/** Two pictures that each leave it open do not tell it together. */
function stillOpen(measure: Measure): Measure {
  const spec = specOf(measure.id);
  return spec.kind === 'number' && measure.kind === 'number' ? asFlatTells(spec, measure) : measure;
}

/** Whether a number may count: not from a bone that leaves the picture, not from a misplaced point. */
const isFirm = (measure: Measure): boolean =>
  measure.kind !== 'number' || (!measure.implausible && measure.retake === null);

function merged(measures: readonly Measure[], band: Band | null): Measure {
  const numbers = measures.filter((m): m is NumberMeasure => m.kind === 'number');
  const categories = measures.filter((m): m is CategoryMeasure => m.kind === 'category');
  if (numbers.length > 1) return weighed(numbers, band);
  if (categories.length > 1) return pooled(categories, band);
  return numbers[0] ?? categories[0] ?? measures[0]!;
}

function weighed(numbers: readonly NumberMeasure[], band: Band | null): NumberMeasure {
  const weights = numbers.map(({ sd }) => 1 / sd ** 2);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const value = numbers.reduce((sum, n, i) => sum + n.value * weights[i]!, 0) / total;
  const spec = specOf(numbers[0]!.id);
  const { retake } = numbers[0]!;
  const joint = spec.kind === 'number' && spec.joint ? { joint: spec.joint } : {};
  return numberMeasure({ ...spec, ...joint }, value, 1 / Math.sqrt(total), band, retake);
}

/** Independent looks at the same category: their probabilities multiply. */
function pooled(looks: readonly CategoryMeasure[], band: Band | null): CategoryMeasure {
  const spec = specOf(looks[0]!.id);
  const categories = categoriesOf(spec);
  const products = categories.map((name) =>
    looks.reduce((product, { shares }) => product * (shareOf(shares, name) + IMPOSSIBLE), 1),
  );
  const total = products.reduce((sum, p) => sum + p, 0);
  return categoryMeasure(
    { ...spec, categories },
    products.map((p) => p / total),
    band,
  );
}

/** No look rules a category out for good: it may be the look that is wrong. [memory] */
const IMPOSSIBLE = 0.01;

const shareOf = (shares: CategoryMeasure['shares'], name: string) =>
  shares.find((share) => share.name === name)?.probability ?? 0;

function contradict(measures: readonly Measure[]): boolean {
  const firm = measures.filter(isFirm);
  return firm.some((a, i) => firm.slice(i + 1).some((b) => differ(a, b)));
}

function differ(a: Measure, b: Measure): boolean {
  if (a.kind === 'number' && b.kind === 'number') {
    return Math.abs(a.value - b.value) > CONFLICT_SD * Math.hypot(a.sd, b.sd);
  }
  if (a.kind === 'category' && b.kind === 'category') {
    return a.value !== b.value && a.probability >= SURE && b.probability >= SURE;
  }
  const looked = [a, b].some(({ kind }) => kind === 'looked');
  const isOut = [a, b].some(({ verdict }) => verdict === 'low' || verdict === 'high');
  return looked && isOut;
}

const unsure = (measure: Measure): Measure =>
  measure.kind === 'looked' ? measure : { ...measure, verdict: 'unsure' };
