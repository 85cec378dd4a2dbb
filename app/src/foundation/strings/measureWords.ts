import type { Allowed, Band, Range } from '@open-palm/core/holds';
import {
  FAMILIES,
  specOf,
  type Family,
  type Measure,
  type MeasureId,
  type MergedMeasure,
  type NotMeasured,
  type NumberMeasure,
  type Place,
  type Tap,
  type Unit,
} from '@open-palm/core/measure';
import { strings } from './index';

const DIGITS: Record<Unit, number> = {
  deg: 0,
  mm: 0,
  u: 1,
  fingerBreadth: 1,
  ratio: 2,
  category: 0,
};

/** A number as fine as its unit's usual digits tell it. */
export const shownNumber = (value: number, unit: Unit): number =>
  Number(value.toFixed(DIGITS[unit]));

/** A number in its unit's usual digits, without the unit; a real minus sign. */
export function plainNumber(value: number, unit: Unit): string {
  const text = value.toFixed(DIGITS[unit]);
  return (Number(text) === 0 ? text.replace('-', '') : text).replace('-', '−');
}

/** What numbers that stand by themselves are counted in. */
export const unitWords = (unit: Unit): string =>
  unit === 'u' ? strings.joints.counted : strings.units[unit];

/** The name of a category, as a person reads it. */
export const categoryName = (id: MeasureId, category: string): string =>
  strings.categories[id]?.[category] ?? category;

/** A measure's name that says by itself which part of the hand it is of. */
export const measureName = (id: MeasureId): string => {
  const { family } = specOf(id);
  const name = strings.measures[id];
  return family === 'fingers' || family === 'wrist'
    ? name
    : `${strings.families[family]}: ${name.toLowerCase()}`;
};

/** The name of a series over time: a family, or a checkpoint, with the place where it is followed for each apart. */
export function seriesName(series: string): string {
  const [id, place] = series.split('@') as [MeasureId | Family, Place | undefined];
  if (isFamily(id)) return strings.families[id];
  return place === undefined
    ? measureName(id)
    : `${measureName(id)}, ${strings.places[place].toLowerCase()}`;
}

const isFamily = (id: string): id is Family => FAMILIES.some((family) => family === id);

/** An answer by tap, short: in the words of the drawing that was touched, where it has some. */
export function tapWords({ measure, answer }: Tap): string {
  const { unit } = specOf(measure);
  switch (answer.kind) {
    case 'fine':
      return strings.result.lookedAt;
    case 'category':
      return categoryName(measure, answer.category);
    case 'value':
      return strings.choiceWords[measure]?.[answer.value] ?? numberWords({ ...answer, unit });
  }
}

/** A measure as it is read: a number with its doubt and unit, the name of a category, or that it was looked at. */
export function valueWords(measure: Measure): string {
  if (measure.kind === 'looked') return strings.result.lookedAt;
  if (measure.kind === 'category') return categoryName(measure.id, measure.value);
  return numberWords(measure);
}

/** Where the stick lies on a finger, by the joints from its tip. */
export function depthWords(u: number): string {
  const { joints } = strings;
  const nearest = Math.round(u);
  if (Math.abs(u - nearest) <= AT_A_JOINT_U) return joints.at[Math.max(0, Math.min(3, nearest))]!;
  return joints.between[Math.max(0, Math.min(2, Math.floor(u)))]!;
}

/** So near it lies at the joint, in joint units. */
const AT_A_JOINT_U = 0.2;

/** Where a stick may lie on a finger: in words, with the numbers behind. */
function depthBandWords({ lo, hi }: Range): string {
  const { joints } = strings;
  if (lo !== undefined && hi !== undefined) {
    return joints.about(
      depthWords((lo + hi) / 2),
      joints.fromTo(plainNumber(lo, 'u'), plainNumber(hi, 'u')),
    );
  }
  const end = (lo ?? hi)!;
  const place = depthWords(end);
  return joints.about(
    lo === undefined ? joints.noDeeper(place) : joints.noShallower(place),
    plainNumber(end, 'u'),
  );
}

/** A number with its doubt, in its unit; a place on a finger in words too. */
export function numberWords({
  value,
  sd,
  unit,
}: Pick<NumberMeasure, 'value' | 'sd' | 'unit'>): string {
  if (unit === 'u') return strings.joints.about(depthWords(value), figures({ value, sd, unit }));
  const sign = strings.units[unit];
  // The degree stands at each number, other units once.
  const first = unit === 'deg' ? sign : '';
  return `${plainNumber(value, unit)}${first} ± ${plainNumber(shownSd(sd, unit), unit)}${sign}`;
}

/** A number with its doubt, without its unit. */
const figures = ({ value, sd, unit }: Pick<NumberMeasure, 'value' | 'sd' | 'unit'>): string =>
  `${plainNumber(value, unit)} ± ${plainNumber(shownSd(sd, unit), unit)}`;

/** A measure where there is room for a few letters, beside a scale that says where it lies. */
export const briefWords = (measure: Measure): string =>
  measure.kind === 'number' && measure.unit === 'u'
    ? strings.joints.brief(figures(measure))
    : valueWords(measure);

/** A doubt is never shown as nothing: at least the last digit shown. */
const shownSd = (sd: number, unit: Unit) => Math.max(sd, 10 ** -DIGITS[unit]);

/** What the hold wants, or null where it has no say. */
export const bandWords = (measure: Measure): string | null =>
  measure.kind === 'looked' || !measure.band
    ? null
    : bandText(measure.id, measure.band, measure.unit);

/** A band as it is read: from … to …, an open end, or the names of what is allowed. */
export const bandText = (id: MeasureId, band: Band, unit: Unit): string =>
  'allowed' in band ? allowedWords(id, band) : rangeWords(band, unit);

const allowedWords = (id: MeasureId, band: Allowed) =>
  band.allowed.map((name) => categoryName(id, name)).join(strings.or);

/** A range as it is read, an open end included. */
export function rangeWords({ lo, hi }: Range, unit: Unit): string {
  if (unit === 'u') return depthBandWords({ lo, hi });
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
  // Without a finger at the metal nobody knows which way the hand has gone.
  const isNoFinger =
    measure.id === 'ferruleFinger' && measure.kind === 'category' && measure.value === 'none';
  if (isNoFinger && measure.verdict === 'high') return strings.noFingerAtTheMetal;
  if (measure.verdict === 'low' || measure.verdict === 'high') {
    return strings.faults[measure.id]?.[measure.verdict] ?? strings.verdicts[measure.verdict];
  }
  return strings.verdicts[measure.verdict];
}

/** Drawn choices whose words say more than a number: a tip that hangs behind the stick is as low as one that is through. */
const SAYS_MORE: ReadonlySet<MeasureId> = new Set(['thumbThrough']);

/** A drawn choice in words, with its number small beside it where words and number are two things. */
export function choiceLabel(id: MeasureId, value: number): { label: string; small?: string } {
  const { unit } = specOf(id);
  const number = plainNumber(value, unit);
  const named = strings.choiceWords[id]?.[value];
  const sign = strings.units[unit];
  if (named === undefined) return { label: strings.stations.about(number + sign) };
  if (SAYS_MORE.has(id)) return { label: named };
  const small = unit === 'ratio' ? strings.choiceNumber.share(number) : number + sign;
  return { label: named, small: strings.stations.about(small) };
}

/** A note that a reader of this measure needs, if any. */
export function measureNote({ measure, conflict }: Pick<MergedMeasure, 'measure' | 'conflict'>) {
  if (conflict) return strings.result.conflict;
  if (measure.kind !== 'number') return null;
  if (measure.implausible) return strings.result.checkPoint;
  if (measure.retake) return strings.result.retake(strings.turns[measure.retake]);
  if (measure.verdict !== 'unsure' || measure.decidable) return null;
  return measure.id === 'thumbThrough'
    ? strings.result.throughOrBehind
    : strings.result.undecidable;
}

/** Why something was not measured. */
export function notMeasuredWords(outcome: NotMeasured): string {
  switch (outcome.reason) {
    case 'view': {
      const views = outcome.views.map((view) => strings.views[view].toLowerCase());
      const from = strings.result.notFromView(views.join(strings.or));
      return outcome.why ? `${from} (${strings.blind[outcome.why]})` : from;
    }
    case 'notApplicable':
      return strings.result.notApplicable(strings.notApplicable[outcome.because]);
    case 'notSeen':
    case 'offStick':
    case 'tapOnly':
    case 'needsRelaxedHand':
    case 'needsHeelAndPoint':
      return strings.result.why[outcome.reason];
  }
}

/** A verdict as the teacher sees it: fine, or how it is wrong. */
export const otherVerdictWords = (id: MeasureId, verdict: 'in' | 'low' | 'high'): string =>
  verdict === 'in'
    ? strings.verdictOverride.fine
    : (strings.faults[id]?.[verdict] ?? strings.verdicts[verdict]);
