import { createSyncEngine } from '../engine';
import type { SyncEngine } from '../syncEngine';
import type { EngineParts } from '../engineParts';
import type { Entry, NewEntry } from '../entry';
import { memoryStore, type EntryStore } from '../entryStore';
import type { Answer } from '../outcome';

export const STUDENT = '00000000-0000-7000-8000-00000000000a';
export const DEVICE = '00000000-0000-7000-8000-0000000000de';

/** A note of a lesson. */
export const note = (id: string, words = 'Shorter nails'): NewEntry => ({
  kind: 'log',
  id,
  studentName: 'Ada',
  body: {
    id,
    studentId: STUDENT,
    setupId: STUDENT,
    madeAt: '2026-03-01T10:00:00Z',
    kind: 'promise',
    words,
    due: '2026-03-08',
  },
});
/** A stroke, changed. */
export const take = (fingersSeen: 'moving' | 'still' | null, basedOn = 1): NewEntry =>
  ({
    kind: 'take',
    id: 'take-1',
    studentName: 'Ada',
    basedOn,
    body: { studentId: STUDENT, fingersSeen },
  }) as never;
/** A student, new or changed. */
export const student = (name: string, basedOn = 0): NewEntry =>
  ({
    kind: 'student',
    id: STUDENT,
    studentName: name,
    basedOn,
    body: { name, setups: [] },
  }) as never;

/** The studio does not take it. */
export const problem = (status: number, code = 'x', more: object = {}): Answer => ({
  kind: 'problem',
  status,
  code,
  message: `said ${status}`,
  where: 'body',
  ...more,
});

/** A studio that answers as it is told to, and notes what came. */
export function bench(
  answer: (entry: Entry) => Answer | Promise<Answer>,
  store: EntryStore = memoryStore(),
) {
  let now = 1_000_000;
  const sent: Entry[] = [];
  const erased: string[] = [];
  let planned: { at: number; call: () => void } | undefined;
  let turn: Promise<unknown> = Promise.resolve();
  let here: string | null = 'studio-a';
  let who: string | null = null;
  const parts: EngineParts = {
    store,
    isHere: ({ studio, author }) =>
      (studio === null || here === null || studio === here) &&
      (author === null || who === null || author === who),
    author: () => who,
    studio: () => here,
    device: DEVICE,
    now: () => now,
    random: () => 0.5,
    alone(work) {
      const mine = turn.then(work);
      turn = mine.catch(() => undefined);
      return mine;
    },
    tell: () => undefined,
    after: (ms, call) => (planned = { at: now + ms, call }),
    onErased: ({ id }) => erased.push(id),
    send: async (entry) => {
      sent.push(entry);
      return answer(entry);
    },
  };
  const engine: SyncEngine = createSyncEngine(parts);
  return {
    engine,
    sent,
    erased,
    parts,
    /** Another studio answers at the same address. */
    async otherStudio(id: string) {
      here = id;
      await engine.refresh();
    },
    /** Somebody else signs in on this device; null signs out. */
    async otherPerson(id: string | null) {
      who = id;
      await engine.refresh();
    },
    dueInMs: () => planned!.at - now,
    /** Lets time pass until something is due. */
    async later(ms: number) {
      now += ms;
      await engine.send();
    },
  };
}
