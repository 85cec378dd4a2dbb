import { PLAUSIBLE_FLEXION_DEG } from '../hand';
import type { Band } from '../holds';
import type { CameraTurn } from './foreshortening';
import type { CategorySpec, NumberSpec, TapSpec } from './measureSpec';
import type { CategoryMeasure, CategoryShare, NumberMeasure } from './measures';
import { canDecide, SURE, verdictAgainst, type Verdict } from './verdict';

/** A number with this doubt, judged by a band. */
export function numberMeasure(
  spec: Pick<NumberSpec, 'id' | 'family' | 'unit' | 'joint'>,
  value: number,
  sd: number,
  band: Band | null,
  retake: CameraTurn | null = null,
): NumberMeasure {
  const { id, family, unit, joint } = spec;
  const plausible = joint && PLAUSIBLE_FLEXION_DEG[joint];
  const implausible =
    plausible !== undefined && (value < plausible.lo - 3 * sd || value > plausible.hi + 3 * sd);
  const range = band && 'allowed' in band ? null : band;
  const firm = !implausible && retake === null;
  const verdict = range ? (firm ? verdictAgainst(value, sd, range) : 'unsure') : 'none';
  return {
    kind: 'number',
    id,
    family,
    unit,
    value,
    sd,
    band: range,
    verdict,
    decidable: range ? canDecide(sd, range) : true,
    implausible,
    retake,
  };
}

/** A verdict that needs another eye than one flat picture's is left open. */
export const asFlatTells = (
  { neverFlat }: Pick<NumberSpec, 'neverFlat'>,
  measure: NumberMeasure,
): NumberMeasure =>
  neverFlat !== undefined && measure.verdict === neverFlat
    ? { ...measure, verdict: 'unsure', decidable: false }
    : measure;

/** A category with these probabilities, judged by what a band allows. */
export function categoryMeasure(
  spec: Pick<CategorySpec | TapSpec, 'id' | 'family' | 'unit' | 'categories'>,
  probabilities: readonly number[],
  band: Band | null,
): CategoryMeasure {
  const { id, family, unit, categories } = spec;
  const all = categories.map((name, i) => ({ name, probability: probabilities[i] ?? 0 }));
  const best = all.reduce((a, b) => (b.probability > a.probability ? b : a));
  const allowed = band && 'allowed' in band ? band : null;
  return {
    kind: 'category',
    id,
    family,
    unit,
    value: best.name,
    probability: best.probability,
    shares: all.filter(({ probability }) => probability > 0),
    band: allowed,
    verdict: allowed ? categoryVerdict(all, allowed.allowed) : 'none',
  };
}

/**
 * The verdict of a category: `in` when an allowed one is at least 80 % sure. Sure but outside is `high` past the
 * last allowed category in the catalogue's order and `low` before it, so that a reader can tell which way.
 */
export function categoryVerdict(
  shares: readonly CategoryShare[],
  allowed: readonly string[],
): Verdict {
  const last = Math.max(...allowed.map((name) => shares.findIndex((share) => share.name === name)));
  const sum = (keep: (share: CategoryShare, index: number) => boolean) =>
    shares.filter(keep).reduce((total, share) => total + share.probability, 0);
  const wrong = (share: CategoryShare) => !allowed.includes(share.name);
  if (sum((share) => !wrong(share)) >= SURE) return 'in';
  if (sum((share, i) => wrong(share) && i < last) >= SURE) return 'low';
  if (sum((share, i) => wrong(share) && i > last) >= SURE) return 'high';
  if (sum(wrong) < SURE) return 'unsure';
  // Sure to be wrong, but not on which side: the likelier one is told.
  return sum((share, i) => wrong(share) && i < last) >= sum((share, i) => wrong(share) && i > last)
    ? 'low'
    : 'high';
}
