import type { HistoryCheck, LogEntry } from '@open-palm/contract';
import { signsOfVerdict } from '@open-palm/core/judge';
import {
  FAMILIES,
  PLACES,
  type Family,
  type MeasureId,
  type Place,
  type Standing,
  type Verdict,
} from '@open-palm/core/measure';
import { beyondBand, changeBetween, type TrackedCheck } from '@open-palm/core/track';
import { rememberedCues } from '../log';
import { plansOf, practisedTurns } from '../practice';
import { calendarDay, dateOfDay } from '../time';
import { lookKind, numberOf } from '../track';

/** A look as a page of a term needs it. */
export interface TermLook {
  kept: Pick<HistoryCheck, 'takenAt' | 'context' | 'contacts' | 'standings' | 'numbers'>;
  tracked: TrackedCheck;
}

/** A time, its days included: 2026-09-01. */
export interface TermTime {
  from: string;
  until: string;
}

/** A checkpoint that really changed over a term, and had left its band or left it now. */
export interface TermChange {
  family: Family;
  measure: MeasureId;
  place: Place | null;
  /** What there was, or is, to be seen; null where it has no name. */
  sign: string | null;
  /** In its band again · nearer · further off · out of it now. */
  kind: 'gone' | 'less' | 'more' | 'new';
  from: number;
  to: number;
}

/** How a family went over a term. */
export const FAMILY_TERMS = [
  'slipping',
  'betterIn',
  'better',
  'mixed',
  'worse',
  'steadyIn',
  'steadyUnsure',
  'steadyOut',
  'sometimes',
  'once',
  'notJudged',
  'notSeen',
] as const;
export type FamilyTerm = (typeof FAMILY_TERMS)[number];

/** What a term tells of a hold. */
export interface TermFacts {
  looks: number;
  changes: TermChange[];
  families: Record<Family, FamilyTerm>;
  /** Cues that worked, the most often first. */
  worked: string[];
  /** What was practised at home, as far as logs came; null where none did. */
  practised: { days: number; minutes: number } | null;
}

/**
 * What a term tells of a hold on one instrument. Nothing is called a change that forming the hold afresh may bring.
 *
 * @param looks of that time, oldest first, none from before a planned change
 * @param drifting families that slip now
 * @param newestFirst the lesson log, however old
 * @param zone by whose calendar a lesson's day is told
 */
export function termFacts(
  looks: readonly TermLook[],
  drifting: readonly Family[],
  newestFirst: readonly LogEntry[],
  time: TermTime,
  zone: string,
): TermFacts {
  const changes = changesOver(looks);
  const families = Object.fromEntries(
    FAMILIES.map((family) => [family, familyTerm(looks, changes, drifting, family)]),
  ) as Record<Family, FamilyTerm>;
  const within = newestFirst.filter(({ madeAt }) =>
    isWithin(dateOfDay(calendarDay(madeAt, zone)), time),
  );
  return {
    looks: looks.length,
    changes,
    families,
    worked: rememberedCues(within)
      .filter(({ worked }) => worked > 0)
      .map(({ cue }) => cue),
    practised: practisedOver(newestFirst, time),
  };
}

const isWithin = (date: string, { from, until }: TermTime) => from <= date && date <= until;

/** Every checkpoint that two looks of the same kind saw: its first value against its last. */
function changesOver(looks: readonly TermLook[]): TermChange[] {
  const series = [...new Set(looks.flatMap(({ tracked }) => Object.keys(tracked.measures)))];
  return series.flatMap((name): TermChange[] => {
    const saw = looks.filter(({ tracked }) => tracked.measures[name] !== undefined);
    const kinds = [...new Set(saw.map((look) => lookKind(look.kept, name)))]
      .map((kind) => saw.filter((look) => lookKind(look.kept, name) === kind))
      .sort((a, b) => b.length - a.length);
    const changes = kinds.flatMap((alike) => changeOf(alike, name) ?? []);
    // What goes one way here and the other way there is no change of the hold.
    const isBetter = ({ kind }: TermChange) => kind === 'gone' || kind === 'less';
    const agree = new Set(changes.map(isBetter)).size < 2;
    return agree ? changes.slice(0, 1) : [];
  });
}

/** What a checkpoint did from the first of these looks to the last; null where nothing surely did. */
function changeOf(alike: readonly TermLook[], name: string): TermChange | null {
  const [first, last] = [alike[0]!, alike.at(-1)!];
  const [from, to] = [first.tracked.measures[name]!, last.tracked.measures[name]!];
  if (first === last || !from.band || !to.band) return null;
  if (changeBetween(from.value, to.value, to.sem).code !== 'realChange') return null;
  const [was, is] = [beyondBand(from.value, from.band), beyondBand(to.value, to.band)];
  if (was === 0 && is === 0) return null;
  // From one side to the other is another fault, however near the band is.
  const isOther = was * is < 0;
  const isNearer = !isOther && Math.abs(is) < Math.abs(was);
  const [began, ended] = [numberOf(first.kept, name)?.[6], numberOf(last.kept, name)?.[6]];
  // Only what a look surely saw is told: that there was a fault, or that there is one.
  if (!isOut(isNearer ? began : ended)) return null;
  const [measure, place] = numberOf(last.kept, name)!;
  return {
    family: to.family,
    measure,
    place: place ?? PLACES.find((one) => one === last.kept.context) ?? null,
    sign: signOf(measure, isNearer ? was : is),
    kind: kindOf({ isNearer, isIn: ended === 'in', isFirst: was === 0 || isOther }),
    from: from.value,
    to: to.value,
  };
}

const isOut = (verdict: Verdict | undefined): boolean => verdict === 'low' || verdict === 'high';

function kindOf(how: { isNearer: boolean; isIn: boolean; isFirst: boolean }): TermChange['kind'] {
  if (how.isNearer) return how.isIn ? 'gone' : 'less';
  return how.isFirst ? 'new' : 'more';
}

/** What is seen of a value on one side of its band: nothing where no sign names it. */
function signOf(measure: MeasureId, beyond: number): string | null {
  const signs = signsOfVerdict(measure, beyond < 0 ? 'low' : 'high');
  return Object.keys(signs).find((sign) => signs[sign]) ?? null;
}

/** So many of the last looks tell how a family stands: one may be a good moment. [memory] */
const LAST_LOOKS = 3;

function familyTerm(
  looks: readonly TermLook[],
  changes: readonly TermChange[],
  drifting: readonly Family[],
  family: Family,
): FamilyTerm {
  const saw = looks.filter(({ kept }) => kept.standings[family] !== 'notSeen');
  if (saw.length === 0) return 'notSeen';
  if (drifting.includes(family)) return 'slipping';
  const kinds = changes.filter((change) => change.family === family).map(({ kind }) => kind);
  const better = kinds.some((kind) => kind === 'gone' || kind === 'less');
  const worse = kinds.some((kind) => kind === 'more' || kind === 'new');
  if (better && worse) return 'mixed';
  if (worse) return 'worse';
  const steady = steadyOf(saw.slice(-LAST_LOOKS).map(({ kept }) => kept.standings[family]));
  if (better) return steady === 'steadyIn' ? 'betterIn' : 'better';
  return saw.length === 1 ? 'once' : steady;
}

/** How a family stands by its last looks. */
function steadyOf(last: readonly Standing[]): FamilyTerm {
  const count = (standing: Standing) => last.filter((one) => one === standing).length;
  const [ins, outs] = [count('in'), count('out')];
  if (count('none') === last.length) return 'notJudged';
  if (outs > 0) return ins > 0 ? 'sometimes' : 'steadyOut';
  return ins > count('unsure') ? 'steadyIn' : 'steadyUnsure';
}

/** What logs tell of practice at home in a time. */
function practisedOver(newestFirst: readonly LogEntry[], time: TermTime): TermFacts['practised'] {
  const turns = plansOf(newestFirst)
    .flatMap(({ id }) => practisedTurns(newestFirst, id))
    .filter(({ day, result }) => result !== 'hurt' && isWithin(day, time));
  if (turns.length === 0) return null;
  const seconds = turns.reduce((sum, turn) => sum + turn.seconds, 0);
  return { days: new Set(turns.map(({ day }) => day)).size, minutes: Math.round(seconds / 60) };
}
