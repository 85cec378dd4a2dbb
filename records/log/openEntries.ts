import { aidById } from '@open-palm/core/practice';
import type { LogEntry, LogEntryOf } from '@open-palm/contract';

/** Entries that wait for another one that ends them. */
export const OPENING = ['hurt', 'promise', 'aid', 'plan'] as const;

export type OpeningEntry = LogEntryOf<(typeof OPENING)[number]>;

/** Whether a note waits for another one that ends it. */
export const isOpening = (entry: LogEntry): entry is OpeningEntry =>
  OPENING.some((kind) => kind === entry.kind);

/** The entry that another one is about; null for one that stands by itself. */
export function aboutEntry(entry: LogEntry): string | null {
  switch (entry.kind) {
    case 'cleared':
      return entry.hurt;
    case 'cueWord':
    case 'promiseState':
    case 'aidStep':
    case 'practised':
      return entry.of;
    case 'plan':
      return entry.replaces;
    default:
      return null;
  }
}

/** Whether something still waits: that it hurts, what was agreed, an aid that is still used, a plan that no other has replaced. */
export function isStillOpen(opening: OpeningEntry, entries: readonly LogEntry[]): boolean {
  const about = entries
    .filter((entry) => aboutEntry(entry) === opening.id)
    .sort((a, b) => (`${a.madeAt} ${a.id}` < `${b.madeAt} ${b.id}` ? 1 : -1));
  switch (opening.kind) {
    case 'hurt':
      return about.length === 0;
    case 'promise': {
      const newest = about.find((entry) => entry.kind === 'promiseState');
      return newest === undefined || newest.state === 'open';
    }
    case 'plan':
      return !about.some((entry) => entry.kind === 'plan');
    case 'aid':
      return !stepsDone(opening, about).at(-1);
  }
}

/** Which steps of doing without an aid were taken, in the aid's order. */
export function stepsDone(aid: LogEntryOf<'aid'>, newestFirst: readonly LogEntry[]): boolean[] {
  return aidById(aid.aid).steps.map((_, i) => {
    const newest = newestFirst.find(
      (entry) => entry.kind === 'aidStep' && entry.of === aid.id && entry.step === i + 1,
    );
    return newest?.kind === 'aidStep' && newest.done;
  });
}

/** What still waits, the newest first. */
export const openEntries = (newestFirst: readonly LogEntry[]): OpeningEntry[] =>
  newestFirst.filter(isOpening).filter((entry) => isStillOpen(entry, newestFirst));
