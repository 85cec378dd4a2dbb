import type { Context, MeasureId, MergedMeasure } from '../measure';
import { OPPOSITES, SIGNS } from './knowledge';
import type { Sign } from './judgeSchema';
import { canShow, isSeenIn, type ShownHold } from './signsOf';

/** What was seen of one sign. */
export interface Finding {
  sign: string;
  present: boolean;
  /** Findings of one group rest on the same point of the same picture, or on the same answer. */
  group: string;
  /** Contexts in which it is there, where that is known. */
  at?: readonly Context[];
}

/** A measure as a check tells it, with the context of its look where that is known. */
export type SeenMeasure = Pick<MergedMeasure, 'measure' | 'sources'> & {
  place?: MergedMeasure['place'];
  context?: Context;
};

/**
 * The signs that a check's measures tell of, present or absent. What is unsure, contradicts itself, or has no band tells
 * of none.
 *
 * @param looked signs as a person saw them, or a test showed; where measures tell of the same one, that word counts
 * @param hold what cannot be seen on it is left out
 */
export function findingsOf(
  measures: readonly SeenMeasure[],
  looked: Readonly<Record<string, boolean>>,
  hold: ShownHold,
): Finding[] {
  const states = new Map<string, State>();
  for (const sign of SIGNS) {
    if (!canShow(hold, sign)) continue;
    const state = looked[sign.id] ?? null;
    states.set(
      sign.id,
      state === null
        ? stateOfMeasures(sign, measures)
        : { present: state, group: sign.id, at: [], isWord: true },
    );
  }
  noFingerAtTheMetal(states, measures);
  const isPresent = (id: string) => states.get(id)?.present === true;
  for (const { id, onlyWith, loneIndex } of SIGNS) {
    const state = states.get(id);
    if (!state?.present || state.isWord) continue;
    const isAlone =
      onlyWith !== undefined &&
      (!onlyWith.bows || onlyWith.bows.includes(hold.bow)) &&
      !onlyWith.signs.some(isPresent);
    if (isAlone) states.delete(id);
    if (loneIndex && !isPresent('indexPointing') && !isIndexStraight(measures)) {
      states.delete(id);
      if (states.has('fingersStretched')) states.set('fingersStretched', state);
    }
  }
  joinOpposites(states);
  keepTheWorse(states);
  return SIGNS.flatMap(({ id }): Finding[] => {
    const state = states.get(id);
    if (!state || state.present === null) return [];
    const { present, group, at } = state;
    return [{ sign: id, present, group, ...(at.length > 0 ? { at } : {}) }];
  });
}

interface State {
  /** Null where nothing tells of it. */
  present: boolean | null;
  group: string;
  /** Contexts in which it is there. */
  at: readonly Context[];
  /** Whether a person or a test said so. */
  isWord: boolean;
}

const NOTHING: State = { present: null, group: '', at: [], isWord: false };

function stateOfMeasures(sign: Sign, measures: readonly SeenMeasure[]): State {
  const { from } = sign;
  if (!('measure' in from)) return NOTHING;
  const ids: MeasureId[] = [from.measure];
  if ('verdict' in from) {
    ids.push(...(from.orMeasures ?? []));
    if (from.orCategories) ids.push(from.orCategories.measure);
  }
  const states = measures.flatMap((seen) => {
    const { measure, context } = seen;
    if (!ids.includes(measure.id) || (context && !isSeenIn(sign, context))) return [];
    const present = stateOf(sign, measure);
    return present === null ? [] : [{ seen, present }];
  });
  // The same measure at several places: wrong anywhere is wrong.
  const wrong = states.filter(({ present }) => present);
  const telling = wrong.length > 0 ? wrong : states;
  if (telling.length === 0) return NOTHING;
  return {
    present: wrong.length > 0,
    group: groupOf(
      sign,
      telling.map(({ seen }) => seen),
    ),
    at: wrong.flatMap(({ seen }) => [
      ...(seen.context ? [seen.context] : []),
      ...(seen.place ? [seen.place] : []),
    ]),
    isWord: false,
  };
}

/** A finger that is nearly straight at its middle joint lies alone, whatever it leads by, degrees. [memory] */
const NEARLY_STRAIGHT_DEG = 15;

const isIndexStraight = (measures: readonly SeenMeasure[]): boolean =>
  measures.some(
    ({ measure }) =>
      measure.id === 'indexPipFlexion' &&
      measure.kind === 'number' &&
      measure.value + measure.sd < NEARLY_STRAIGHT_DEG,
  );

/** No finger near the metal does not say which way the hand has gone: the thumb's place does, if it was seen. */
function noFingerAtTheMetal(states: Map<string, State>, measures: readonly SeenMeasure[]): void {
  const none = measures.find(
    ({ measure: { id, kind, verdict }, measure }) =>
      id === 'ferruleFinger' &&
      kind === 'category' &&
      measure.kind === 'category' &&
      measure.value === 'none' &&
      verdict !== 'in' &&
      verdict !== 'unsure',
  );
  if (!none) return;
  for (const [thumb, hand] of [
    ['thumbTooFarBack', 'handTooFarBack'],
    ['thumbTooFarUp', 'handTooFarForward'],
  ] as const) {
    const state = states.get(hand);
    if (!state || state.isWord) continue;
    const isThere = states.get(thumb)?.present === true;
    states.set(hand, isThere ? { ...state, present: true, group: hand } : NOTHING);
  }
}

/** Opposites at two places of the bow, or two times of a lesson, are both real, and one thing. */
function joinOpposites(states: Map<string, State>): void {
  for (const { one, other, becomes } of OPPOSITES) {
    const [a, b] = [states.get(one.sign), states.get(other.sign)];
    const isAt = (state: State | undefined, at: readonly Context[]) =>
      state?.present === true && state.at.some((context) => at.includes(context));
    if (!states.has(becomes) || !isAt(a, one.at) || !isAt(b, other.at)) continue;
    states.set(one.sign, NOTHING);
    states.set(other.sign, NOTHING);
    states.set(becomes, { present: true, group: becomes, at: [], isWord: false });
  }
}

/** Degrees of the same: where the worse one is there, the lesser one is not told beside it. */
const DEGREES: readonly (readonly [worse: string, lesser: readonly string[]])[] = [
  ['littleRoot', ['littleFarOver', 'littleOver']],
  ['littleFarOver', ['littleOver']],
];

function keepTheWorse(states: Map<string, State>): void {
  for (const [worse, lesser] of DEGREES) {
    if (!states.get(worse)?.present) continue;
    for (const id of lesser) if (states.get(id)?.present) states.delete(id);
  }
}

/**
 * What a verdict says of a measure's signs: which it shows, and which it rules out. A category that is out does not say
 * which of its signs it is.
 *
 * @example signsOfVerdict('thumbIpFlexion', 'low') // { thumbStraight: true, thumbClamped: false }
 */
export function signsOfVerdict(
  id: MeasureId,
  verdict: 'in' | 'low' | 'high',
): Record<string, boolean> {
  const states = SIGNS.flatMap(({ id: sign, from }): [string, boolean][] => {
    if (!('measure' in from) || from.measure !== id) return [];
    if (verdict === 'in') return [[sign, false]];
    // A verdict by eye has no number to be beyond anything.
    if (!('verdict' in from) || from.beyond !== undefined) return [];
    return [[sign, from.verdict === verdict]];
  });
  return Object.fromEntries(states);
}

/** Whether a measure shows a sign; null when it tells nothing of it. */
function stateOf({ from }: Sign, measure: MergedMeasure['measure']): boolean | null {
  if (!('measure' in from)) return null;
  const { verdict } = measure;
  if (verdict === 'unsure') return null;
  const named =
    'categories' in from
      ? from.categories
      : from.orCategories?.measure === measure.id
        ? from.orCategories.categories
        : null;
  if (named) {
    if (verdict === 'in') return 'categories' in from ? false : null;
    // A fault that has a name of its own is one, whether the hold has a band or not.
    if (measure.kind !== 'category') return null;
    const isIt = named.includes(measure.value);
    return isIt || 'categories' in from ? isIt : null;
  }
  if (verdict === 'none' || !('verdict' in from)) return null;
  if (verdict === 'in') return false;
  if (measure.kind === 'category' && from.unless?.includes(measure.value)) return null;
  if (verdict !== from.verdict) return false;
  if (from.beyond === undefined || measure.kind !== 'number') return true;
  return from.verdict === 'high' ? measure.value > from.beyond : measure.value < from.beyond;
}

/** Answers by tap stand each for itself; what a picture tells of the same point stands together. */
function groupOf(sign: Sign, measures: readonly Pick<MergedMeasure, 'sources'>[]): string {
  const first = measures[0]?.sources[0];
  const isPicture = first !== undefined && first.capture !== null;
  if (isPicture) return `${sign.group} in picture ${first.capture}`;
  return 'measure' in sign.from ? sign.from.measure : sign.id;
}
