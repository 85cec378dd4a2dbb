import { bandFor, type Hold } from '../holds';
import type { Issue } from '../issue';
import type { Context } from './capture';
import { specOf } from './catalogue';
import { categoryMeasure, numberMeasure } from './withVerdict';
import type { MeasureId, Place } from './measureIds';
import { categoriesOf } from './measureSpec';
import type { Measure } from './measures';

/** What a person answered without measuring. */
export type TapAnswer =
  /** Looked at, and good. */
  | { kind: 'fine' }
  | { kind: 'category'; category: string }
  /** In the measure's unit, with the doubt of an eye. */
  | { kind: 'value'; value: number; sd: number };

export interface Tap {
  measure: MeasureId;
  answer: TapAnswer;
  place?: Place | undefined;
}

/** How sure a category is that a person chose by eye. [memory] */
const CATEGORY_BY_EYE = 0.9;

/** In passing an eye is less sure of a category, and its doubt of a value is wider by this. [memory] */
const IN_PASSING = { category: 0.85, wider: 1.5 };

/**
 * A tapped answer as a measure, judged by the hold; seen in passing it is less sure.
 *
 * @param tap free of issues
 */
export function tapMeasure({ measure: id, answer }: Tap, hold: Hold, at?: Context | null): Measure {
  const spec = specOf(id);
  const band = bandFor(hold, id, at);
  const { family, unit } = spec;
  const [surely, wider] =
    at === 'row' ? [IN_PASSING.category, IN_PASSING.wider] : [CATEGORY_BY_EYE, 1];
  switch (answer.kind) {
    case 'fine':
      return { kind: 'looked', id, family, unit, verdict: band ? 'in' : 'none' };
    case 'value':
      return numberMeasure({ ...spec, ...jointOf(id) }, answer.value, answer.sd * wider, band);
    case 'category': {
      const categories = categoriesOf(spec);
      const other = (1 - surely) / (categories.length - 1);
      const shares = categories.map((name) => (name === answer.category ? surely : other));
      return categoryMeasure({ ...spec, categories }, shares, band);
    }
  }
}

const jointOf = (id: MeasureId) => {
  const spec = specOf(id);
  return spec.kind === 'number' && spec.joint ? { joint: spec.joint } : {};
};

/** Everything that makes these answers unfit to be judged, with the place of each: `taps[3]`. */
export function findTapIssues(taps: readonly Tap[], hold: Hold): Issue[] {
  return taps.flatMap(({ measure, answer }, i): Issue[] => {
    const where = `taps[${i}]`;
    const checkpoint = hold.checkpoints[measure];
    if (checkpoint && 'notApplicable' in checkpoint) {
      return [{ code: 'notApplicable', where, params: { measure } }];
    }
    return findAnswerIssues({ measure, answer }).map((issue) => ({ ...issue, where }));
  });
}

/** What makes an answer none that its question has, on whatever hold. */
export function findAnswerIssues({ measure, answer }: Tap): Issue[] {
  const categories = categoriesOf(specOf(measure));
  const isUnknown =
    (answer.kind === 'category' && !categories.includes(answer.category)) ||
    (answer.kind === 'value' && (categories.length > 0 || !Number.isFinite(answer.value)));
  if (!isUnknown) return [];
  const params = { measure, known: categories.join(', ') };
  return [{ code: 'unknownAnswer', where: measure, params }];
}
