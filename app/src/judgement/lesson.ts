import {
  causeWords,
  cueOutcomes,
  type LogEntry,
  type LogEntryOf,
  type OwnCue,
  type SeenSigns,
} from '@open-palm/contract';
import {
  causeHistory,
  cueLadder,
  findingsOf,
  signsOfVerdict,
  type Cause,
  type CauseHistory,
  type Finding,
} from '@open-palm/core/judge';
import type { MeasureId, MergedMeasure, Place } from '@open-palm/core/measure';

/** A measure with the look that it comes from. */
export interface SeenMeasure {
  checkId: string;
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

/** The signs of a hold as they count: what was measured, what a person saw, and verdicts seen otherwise above both. */
export function findingsOfLesson(
  measures: readonly SeenMeasure[],
  signs: SeenSigns,
  entries: readonly LogEntry[],
): Finding[] {
  const looked: Record<string, boolean> = { ...signs };
  for (const { checkId, merged } of measures) {
    const { id } = merged.measure;
    const otherwise = seenOtherwise(entries, checkId, id, merged.place);
    if (otherwise) Object.assign(looked, signsOfVerdict(id, otherwise.verdict));
  }
  return findingsOf(
    measures.map(({ merged }) => merged),
    looked,
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

/** Where a look stands on a cause's ladder. */
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
  cause: Cause,
  entries: readonly LogEntry[],
  ownCues: readonly OwnCue[],
  checkId: string,
): LadderPlace {
  const here = entries.filter(
    (entry): entry is LogEntryOf<'cue'> =>
      entry.kind === 'cue' && entry.checkId === checkId && entry.cause === cause.id,
  );
  const before = entries.filter((entry) => !isOfCheck(entry, checkId));
  const own = ownCues.filter((cue) => cue.cause === cause.id).map(({ id }) => id);
  const passed = new Set(here.map(({ cue }) => cue));
  const worked = here.find(({ outcome }) => outcome === 'worked') ?? null;
  const ladder = cueLadder(cause, cueOutcomes(before), own);
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
