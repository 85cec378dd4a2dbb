import type { Hold } from '../holds';
import type { Context } from '../measure';
import { areOpposite, fittingCues } from './cuesOf';
import { drillsOf } from './drillsOf';
import { PARTS, type Cause, type DiagnosisNumbers, type Part } from './judgeSchema';
import type { RankedCause } from './diagnose';
import { CUES, EXCLUSIVE, SIGNS } from './knowledge';

/** One thing to work on: what was seen, why probably, what to say, what to practise. */
export interface Point {
  /** What was seen and is answered by it: said first. */
  signs: string[];
  /** Why it is so; null where no cause is likely enough, or none could be seen: what was seen is then corrected by itself. */
  cause: RankedCause | null;
  /** Whether the cause is said with a perhaps. */
  perhaps: boolean;
  /** Another cause that is as likely. */
  or: RankedCause | null;
  /** What to say, in the order in which it is tried; never empty. */
  cues: string[];
  drills: string[];
}

/** What the points are made for. */
export interface PointFacts {
  hold: Pick<Hold, 'bow' | 'checkpoints' | 'tests'>;
  context: Context;
  numbers: DiagnosisNumbers;
}

const SIGN = new Map(SIGNS.map((sign) => [sign.id, sign]));
const CUE = new Map(CUES.map((cue) => [cue.id, cue]));

/**
 * Whether something is only noted when it is there alone.
 *
 * @example isMinor('gapsUneven') // true
 */
export const isMinor = (sign: string): boolean => SIGN.get(sign)?.minor === true;

/** Whether everything else depends on it: its part of the hand counts however likely its cause is. */
const isFirstInLine = (sign: string): boolean => SIGN.get(sign)?.firstInLine === true;

/**
 * What to work on: at most so many things, the gravest first. A cause is named only where it is likely and one of its own
 * signs was seen, felt or tested; otherwise what was seen is corrected by itself. No two of them pull opposite ways.
 *
 * @param ranked causes of what was seen, by score
 * @param present signs that were seen
 */
export function pointsOf(
  ranked: readonly RankedCause[],
  present: readonly string[],
  facts: PointFacts,
  most: number,
): Point[] {
  const points: Point[] = [];
  const open = new Set(present.filter((sign) => !isMinor(sign)));
  for (const topic of topicsOf(ranked, present, facts)) {
    if (points.length === most) break;
    const { cause, sign } = topic;
    const isOpen = cause ? cause.explains.some((id) => open.has(id)) : open.has(sign);
    if (!isOpen) continue;
    const point = cause
      ? causePoint(cause, ranked, present, facts)
      : correction(sign, present, facts);
    if (!point || points.some((other) => isAgainst(point, other))) continue;
    points.push(point);
    for (const id of point.signs) open.delete(id);
  }
  return points;
}

type Topic = { score: number } & (
  { cause: RankedCause; sign?: never } | { cause: null; sign: string }
);

/**
 * Things to speak of, by weight: causes that may be named, and signs that none of these explains. A sign's own correction
 * weighs as much as it is likely to help, and the part of the hand counts once it is likely enough: until then being right counts more.
 */
function topicsOf(
  ranked: readonly RankedCause[],
  present: readonly string[],
  facts: PointFacts,
): Topic[] {
  const { namedFrom, graveFrom, severity, severityOtherwise } = facts.numbers;
  const named = ranked.filter(
    (one) =>
      one.posterior >= namedFrom &&
      isTold(one, present) &&
      cuesFor(one.cause.cues, one.explains, facts).length > 0,
  );
  const answered = new Set(named.flatMap(({ explains }) => explains));
  const explained = new Set(ranked.flatMap(({ explains }) => explains));
  /** How probable it is that a cue fits something true. */
  const helpOf = (cue: string | undefined): number =>
    1 -
    ranked
      .filter(({ cause }) => cue !== undefined && cause.cues.includes(cue))
      .reduce((p, { posterior }) => p * (1 - posterior), 1);
  const scoreOf = (sign: string): number => {
    // Of a sign that no cause of the hold brings about nothing is known but that it is there.
    const helps = explained.has(sign)
      ? helpOf(cuesFor(SIGN.get(sign)!.cues, present, facts)[0])
      : namedFrom;
    const counts = helps >= graveFrom || isFirstInLine(sign);
    return counts ? helps * (severity[partOf(sign)] ?? severityOtherwise) : helps;
  };
  const scoreOfCause = ({ cause, explains, posterior, score }: RankedCause): number => {
    if (posterior >= graveFrom) return score;
    const helps = helpOf(cuesFor(cause.cues, explains, facts)[0]);
    const counts = cause.part === 'thumb' && explains.some(isFirstInLine);
    return counts ? helps * (severity.thumb ?? severityOtherwise) : helps;
  };
  const bySign = (signs: readonly string[], down = 0): Topic[] =>
    signs
      .filter((sign) => !isMinor(sign))
      .map((sign) => ({ score: scoreOf(sign) - down, cause: null, sign }));
  return [
    ...named.map((cause) => ({ score: scoreOfCause(cause), cause })),
    ...bySign(present.filter((sign) => !answered.has(sign))),
    // Should a named cause be left out beside another, what it answered still gets its own word.
    ...bySign(
      present.filter((sign) => answered.has(sign)),
      AFTER_ALL,
    ),
  ].sort((a, b) => b.score - a.score);
}

/** Below every score there is. */
const AFTER_ALL = 1000;

/** The part of the hand that a sign is seen on, as far as severity goes by it. */
function partOf(sign: string): Part {
  const from = SIGN.get(sign)?.from ?? { opposites: true };
  const seen = 'measure' in from ? from.measure : 'look' in from ? from.look : sign;
  return PARTS.find((part) => seen.startsWith(part)) ?? 'whole';
}

/** Whether something of a cause's own was seen, felt or tested. */
export const isTold = (
  { cause }: Pick<RankedCause, 'cause'>,
  present: readonly string[],
): boolean => cause.toldBy === undefined || cause.toldBy.some((sign) => present.includes(sign));

function causePoint(
  first: RankedCause,
  ranked: readonly RankedCause[],
  present: readonly string[],
  facts: PointFacts,
): Point {
  const { tieWithin, surelyFrom, namedFrom } = facts.numbers;
  const or = ranked.find(
    (other) =>
      other !== first &&
      other.posterior >= namedFrom &&
      Math.abs(first.score - other.score) <= tieWithin * first.score &&
      isTold(other, present) &&
      other.explains.some((sign) => first.explains.includes(sign)) &&
      !excludes(first.cause.id, other.cause.id),
  );
  return {
    signs: first.explains,
    cause: first,
    perhaps: first.posterior < surelyFrom,
    or: or ?? null,
    cues: cuesFor(first.cause.cues, first.explains, facts),
    drills: drillsOf(first.cause, facts.hold),
  };
}

/** What the teacher puts first, whatever is likely: its words still fit the hold and what was seen. */
export const chosenPoint = (
  cause: Cause,
  ranked: RankedCause | null,
  facts: PointFacts,
): Omit<Point, 'cause'> => ({
  signs: ranked?.explains ?? [],
  perhaps: false,
  or: null,
  cues: cuesFor(cause.cues, ranked?.explains ?? [], facts),
  drills: drillsOf(cause, facts.hold),
});

function correction(sign: string, present: readonly string[], facts: PointFacts): Point | null {
  const cues = cuesFor(SIGN.get(sign)!.cues, present, facts);
  if (cues.length === 0) return null;
  return { signs: [sign], cause: null, perhaps: false, or: null, cues, drills: [] };
}

/** The cues that fit, those in front that move what was seen the right way; none that moves any of it further off. */
export function cuesFor(
  ids: readonly string[],
  seen: readonly string[],
  { hold, context }: Pick<PointFacts, 'hold' | 'context'>,
): string[] {
  const wanted = new Map(
    seen.flatMap((id): [string, 'up' | 'down'][] => {
      const from = SIGN.get(id)?.from;
      if (!from || !('verdict' in from)) return [];
      const way = from.verdict === 'low' ? 'up' : 'down';
      return [from.measure, ...(from.orMeasures ?? [])].map((measure) => [measure, way]);
    }),
  );
  const ways = (id: string) =>
    Object.entries(CUE.get(id)?.moves ?? {}).flatMap(([measure, way]) => {
      const right = wanted.get(measure);
      return right === undefined ? [] : [right === way];
    });
  const isMeant = (id: string) => CUE.get(id)?.onlyFor?.some((sign) => seen.includes(sign)) ?? true;
  const fitting = fittingCues(ids, hold, context).filter(
    (id) => isMeant(id) && !ways(id).includes(false),
  );
  return [
    ...fitting.filter((id) => ways(id).includes(true)),
    ...fitting.filter((id) => !ways(id).includes(true)),
  ];
}

const isAgainst = (one: Point, other: Point): boolean =>
  areOpposite(one.cues[0]!, other.cues[0]!) ||
  one.cues[0] === other.cues[0] ||
  (one.cause !== null &&
    other.cause !== null &&
    excludes(one.cause.cause.id, other.cause.cause.id));

/** Whether two causes cannot both be. */
const excludes = (one: string, other: string): boolean =>
  EXCLUSIVE.some((group) => group.includes(one) && group.includes(other));
