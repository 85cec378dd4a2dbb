import { useMemo, useSyncExternalStore } from 'react';
import { v7 as uuidv7 } from 'uuid';
import type { HandFile, LogEntry, OwnCue } from '@open-palm/contract';
import { isStudentWide, ownCueOf } from '@open-palm/records/log';
import { studioNow } from './clock';
import { sync } from './sync';
import type { Entry } from './sync/entry';
import { useArrived, useEntries } from './sync/useSync';

/** An entry without what every entry has. */
type NewEntry = LogEntry extends infer E
  ? E extends LogEntry
    ? Omit<E, 'id' | 'studentId' | 'setupId' | 'madeAt'>
    : never
  : never;

export interface LessonLog {
  /** Newest first: what the studio has, and what this device has not sent yet. */
  entries: readonly LogEntry[];
  ownCues: readonly OwnCue[];
  /**
   * Writes an entry down: it counts at once, is safe on this device when this resolves, and is sent as soon as the
   * studio answers.
   *
   * @param at when it was; now unless told
   * @returns the entry's id
   */
  add(entry: NewEntry, at?: Date): Promise<string>;
}

/**
 * What was just written down: it counts in the same moment, so that a second tap does not meet what the first one has answered. It
 * stays until it is safe on this device, where the entries have it.
 */
let writing: readonly LogEntry[] = [];
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
function setWriting(next: readonly LogEntry[]): void {
  writing = next;
  listeners.forEach((listener) => listener());
}

/** The lesson log of a student on one instrument. */
export function useLessonLog(
  handFile: Pick<HandFile, 'student' | 'setupId' | 'log' | 'ownCues'>,
): LessonLog {
  const { student, setupId, log, ownCues } = handFile;
  const entries = useEntries();
  const arrived = useArrived();
  const here = useSyncExternalStore(subscribe, () => writing);
  return useMemo(() => {
    const local = [...[...entries, ...arrived].flatMap(entryOf), ...here];
    const own = local.flatMap((entry) => (entry.kind === 'ownCue' ? [ownCueOf(entry)] : []));
    return {
      entries: newestFirst([
        ...log,
        ...local.filter(
          (entry) =>
            entry.studentId === student.id && (entry.setupId === setupId || isStudentWide(entry)),
        ),
      ]),
      ownCues: byId([...ownCues, ...own]),
      async add(entry, at = studioNow()) {
        const id = uuidv7();
        const body = {
          ...entry,
          id,
          studentId: student.id,
          setupId,
          madeAt: at.toISOString(),
        } as LogEntry;
        setWriting([...writing, body]);
        await sync
          .write({ kind: 'log', id, studentName: student.name, body })
          .finally(() => setWriting(writing.filter((one) => one !== body)));
        void sync.send();
        return id;
      },
    };
  }, [log, ownCues, entries, arrived, here, student.id, student.name, setupId]);
}

const entryOf = (one: Pick<Entry, 'kind' | 'body'>): LogEntry[] =>
  one.kind === 'log' ? [one.body as LogEntry] : [];

const byId = <T extends { id: string }>(list: readonly T[]): T[] => [
  ...new Map(list.map((one) => [one.id, one])).values(),
];

const newestFirst = (entries: readonly LogEntry[]): LogEntry[] =>
  byId(entries).sort((a, b) => {
    const [left, right] = [`${a.madeAt} ${a.id}`, `${b.madeAt} ${b.id}`];
    return left < right ? 1 : -1;
  });
