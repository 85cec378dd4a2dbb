import { signsOfVerdict, type CauseWord, type CueOutcome } from '@open-palm/core/judge';
import type { LogEntry, LogEntryOf, OwnCue } from '@open-palm/contract';

/** What a student's log says of causes, oldest first: what shifts the priors. */
export const causeWords = (newestFirst: readonly LogEntry[]): CauseWord[] =>
  [...newestFirst].reverse().flatMap((entry): CauseWord[] => {
    switch (entry.kind) {
      case 'cue':
        return entry.outcome === 'worked' && entry.cause !== null
          ? [{ check: entry.checkId, kind: 'confirmed', cause: entry.cause }]
          : [];
      case 'cause': {
        const { checkId: check, cause, instead } = entry;
        const chosen: CauseWord = { check, kind: 'confirmed', cause };
        return instead === null || instead === cause
          ? [chosen]
          : [{ check, kind: 'ruledOut', cause: instead }, chosen];
      }
      case 'verdict':
        return Object.entries(signsOfVerdict(entry.measure, entry.verdict)).map(
          ([sign, present]): CauseWord => ({ check: entry.checkId, kind: 'sign', sign, present }),
        );
      default:
        return [];
    }
  });

/** What came of cues, without those that were skipped: a skipped cue says nothing of itself. */
export const cueOutcomes = (entries: readonly LogEntry[]): CueOutcome[] =>
  entries.flatMap((entry) =>
    entry.kind === 'cue' && entry.outcome !== 'skip'
      ? [{ cue: entry.cue, worked: entry.outcome === 'worked' }]
      : [],
  );

/** A cue of the teacher's own, as its entry of the log says it. */
export const ownCueOf = ({ id, cause, sign, words }: LogEntryOf<'ownCue'>): OwnCue => ({
  id,
  cause,
  ...(sign === undefined ? {} : { sign }),
  words,
});

/** Flags that it hurts which nobody has cleared yet, newest first. */
export function openPainFlags(entries: readonly LogEntry[]): LogEntryOf<'hurt'>[] {
  const cleared = new Set(
    entries.flatMap((entry) => (entry.kind === 'cleared' ? [entry.hurt] : [])),
  );
  return entries.filter(
    (entry): entry is LogEntryOf<'hurt'> => entry.kind === 'hurt' && !cleared.has(entry.id),
  );
}
