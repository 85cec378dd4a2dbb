import { differenceInDays } from 'date-fns/differenceInDays';
import { isSameDay } from 'date-fns/isSameDay';
import type { LogEntry, LogEntryOf, OwnCue, SeenSigns } from '@open-palm/contract';
import { causeWords, cueOutcomes } from '@open-palm/records/log';
import {
  causeHistory,
  cueLadder,
  findingsOf,
  signsOfVerdict,
  testSigns,
  type CauseHistory,
  type Finding,
  type ShownHold,
} from '@open-palm/core/judge';
import type { Context, MeasureId, MergedMeasure, Place } from '@open-palm/core/measure';

/** A measure with the look that it comes from. */
export interface SeenMeasure {
  checkId: string;
  context: Context;
  merged: MergedMeasure;
}

/** How the teacher saw a verdict otherwise, if they did: the newest word on that very look. */
export const seenOtherwise = (
  entries: readonly LogEntry[],
  checkId: string,
  measure: MeasureId,
  place: Place | null,
): LogEntryOf<'verdict'> | null =>
  entries.find(
    (entry): entry is LogEntryOf<'verdict'> =>
      entry.kind === 'verdict' &&
      entry.checkId === checkId &&
      entry.measure === measure &&
      entry.place === place,
  ) ?? null;

/**
 * The signs of a hold as they count: what was measured, what a person saw, what a test of these looks showed, how the one
 * question was answered, and verdicts seen otherwise above all.
 */
export function findingsOfLesson(
  measures: readonly SeenMeasure[],
  signs: SeenSigns,
  entries: readonly LogEntry[],
  hold: ShownHold,
): Finding[] {
  const looked: Record<string, boolean> = { ...signs };
  const looks = new Set(measures.map(({ checkId }) => checkId));
  for (const entry of [...entries].reverse()) {
    if (entry.kind === 'test' && entry.checkId !== null && looks.has(entry.checkId)) {
      Object.assign(looked, testSigns(entry));
    }
    if (entry.kind === 'answer' && entry.seen !== null && looks.has(entry.checkId)) {
      looked[entry.sign] = entry.seen;
    }
  }
  for (const { checkId, merged } of measures) {
    const { id } = merged.measure;
    const otherwise = seenOtherwise(entries, checkId, id, merged.place);
    if (otherwise) Object.assign(looked, signsOfVerdict(id, otherwise.verdict));
  }
  return findingsOf(
    measures.map(({ merged, context }) => ({ ...merged, context })),
    looked,
    hold,
  );
}

/** What shifts this student's priors. What was said in the look itself does not: it would be counted twice. */
export const historyBefore = (
  entries: readonly LogEntry[],
  checkId: string,
): Record<string, CauseHistory> =>
  causeHistory(causeWords(entries.filter((entry) => !isOfCheck(entry, checkId))));

/** The cause that the teacher put first in this look, if another than the app's. */
export const chosenCause = (
  entries: readonly LogEntry[],
  checkId: string,
): LogEntryOf<'cause'> | null =>
  entries.find(
    (entry): entry is LogEntryOf<'cause'> => entry.kind === 'cause' && entry.checkId === checkId,
  ) ?? null;

/** What can be said of one thing: of a cause, or where none is named of what was seen. */
export interface Ladder {
  cues: readonly string[];
  cause: string | null;
  sign?: string | undefined;
}

/** Where a look stands on a ladder. */
export interface LadderPlace {
  /** The cue to say now; null when all were tried. */
  cue: string | null;
  /** What came of the cue that worked in this look. */
  worked: LogEntryOf<'cue'> | null;
  /** The cue that was tried last in this look, whatever came of it. */
  lastTried: LogEntryOf<'cue'> | null;
  /** How many were tried or skipped in this look. */
  tried: number;
}

/**
 * The ladder in the order of earlier looks, so that it does not shift under the teacher's hand, and how far this look
 * has come on it.
 */
export function ladderPlace(
  { cues, cause, sign }: Ladder,
  entries: readonly LogEntry[],
  ownCues: readonly OwnCue[],
  checkId: string,
): LadderPlace {
  const here = entries.filter(
    (entry): entry is LogEntryOf<'cue'> =>
      entry.kind === 'cue' &&
      entry.checkId === checkId &&
      entry.cause === cause &&
      (cause !== null || entry.sign === sign),
  );
  const before = entries.filter((entry) => !isOfCheck(entry, checkId));
  const own = ownCues
    .filter((cue) => cue.cause === cause && (cause !== null || cue.sign === sign))
    .map(({ id }) => id);
  const passed = new Set(here.map(({ cue }) => cue));
  const worked = here.find(({ outcome }) => outcome === 'worked') ?? null;
  const ladder = cueLadder({ cues }, cueOutcomes(before), own);
  const next = ladder.find((cue) => !passed.has(cue)) ?? null;
  const lastTried = here.find(({ outcome }) => outcome !== 'skip') ?? null;
  return { cue: worked ? worked.cue : next, worked, lastTried, tried: passed.size };
}

const isOfCheck = (entry: LogEntry, checkId: string): boolean =>
  'checkId' in entry && entry.checkId === checkId;

/** Cues that worked with this student, the newest first, each once. */
export function provenCues(entries: readonly LogEntry[]): LogEntryOf<'cue'>[] {
  const worked = entries.filter(
    (entry): entry is LogEntryOf<'cue'> => entry.kind === 'cue' && entry.outcome === 'worked',
  );
  return worked.filter((entry, i) => worked.findIndex(({ cue }) => cue === entry.cue) === i);
}

/** The question that was asked of this student today, if one was; and what need not be asked any more. */
export function askedToday(
  entries: readonly LogEntry[],
  checkId: string,
  now: Date,
): { isAsked: boolean; answered: string[] } {
  const answers = entries.filter((entry): entry is LogEntryOf<'answer'> => entry.kind === 'answer');
  const isRecent = ({ sign, madeAt, checkId: of }: LogEntryOf<'answer'>) =>
    of === checkId || (sign === NAILS && differenceInDays(now, new Date(madeAt)) < NAILS_GROW_DAYS);
  return {
    isAsked: answers.some(
      ({ checkId: of, madeAt }) => of === checkId || isSameDay(new Date(madeAt), now),
    ),
    answered: answers.filter(isRecent).map(({ sign }) => sign),
  };
}

/** Nails grow: they are asked about again after two weeks. */
const NAILS = 'nailsLong';
const NAILS_GROW_DAYS = 14;
