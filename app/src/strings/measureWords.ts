import type { Allowed, Band, Range } from '@open-palm/core/holds';
import type { Measure, NotMeasured, Unit, Verdict } from '@open-palm/core/measure';
import type { MarkState } from '../kit/StateMark';
import { strings } from './index';

const DIGITS: Record<Unit, number> = {
  deg: 0,
  mm: 0,
  u: 1,
  fingerBreadth: 1,
  ratio: 2,
  category: 0,
};

/** A number in its unit's usual digits, without the unit; a real minus sign. */
export function plainNumber(value: number, unit: Unit): string {
  const text = value.toFixed(DIGITS[unit]);
  return (Number(text) === 0 ? text.replace('-', '') : text).replace('-', '−');
}

/** A measure as it is read: a number with its doubt and unit, or the name of a category. */
export function valueWords(measure: Measure): string {
  if (measure.kind === 'category') return strings.littlePlaces[measure.value] ?? measure.value;
  const { value, sd, unit } = measure;
  const sign = strings.units[unit];
  // The degree stands at each number, other units once.
  const first = unit === 'deg' ? sign : '';
  return `${plainNumber(value, unit)}${first} ± ${plainNumber(doubt(sd, unit), unit)}${sign}`;
}

/** A doubt is never shown as nothing: at least the last digit shown. */
const doubt = (sd: number, unit: Unit) => Math.max(sd, 10 ** -DIGITS[unit]);

/** What the hold wants, or null where it has no say. */
export function bandWords(measure: Measure): string | null {
  return measure.band && bandText(measure.band, measure.unit);
}

/** A band as it is read: from … to …, an open end, or the names of what is allowed. */
export const bandText = (band: Band, unit: Unit): string =>
  'allowed' in band ? allowedWords(band) : rangeWords(band, unit);

const allowedWords = (band: Allowed) =>
  band.allowed.map((name) => strings.littlePlaces[name] ?? name).join(strings.or);

function rangeWords({ lo, hi }: Range, unit: Unit): string {
  const sign = strings.units[unit];
  if (lo !== undefined && hi !== undefined) {
    return `${plainNumber(lo, unit)} to ${plainNumber(hi, unit)}${sign}`;
  }
  return lo === undefined
    ? strings.openEnd.atMost(plainNumber(hi!, unit) + sign)
    : strings.openEnd.atLeast(plainNumber(lo, unit) + sign);
}

/** The verdict in a word: for what is out, the trade's word for how. */
export function verdictWords(measure: Measure): string {
  if (measure.verdict === 'low' || measure.verdict === 'high') {
    return strings.faults[measure.id]?.[measure.verdict] ?? strings.verdicts[measure.verdict];
  }
  return strings.verdicts[measure.verdict];
}

/** A note that a reader of this measure needs, if any. */
export function measureNote(measure: Measure): string | null {
  if (measure.kind === 'category') return null;
  if (measure.implausible) return strings.result.checkPoint;
  return measure.verdict === 'unsure' && !measure.decidable ? strings.result.undecidable : null;
}

/** Why something was not measured. */
export function notMeasuredWords(outcome: NotMeasured): string {
  switch (outcome.reason) {
    case 'view':
      return strings.result.notFromView(
        outcome.views.map((view) => strings.views[view].toLowerCase()).join(strings.or),
      );
    case 'notSeen':
      return strings.result.pointsMissing;
    case 'offStick':
      return strings.result.offStick;
  }
}

/** The shape in which a verdict is drawn. */
export function verdictMark(verdict: Verdict): MarkState {
  return verdict === 'low' || verdict === 'high' ? 'out' : verdict;
}
