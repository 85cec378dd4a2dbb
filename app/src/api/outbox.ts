import { createStore, del, entries, set, type UseStore } from 'idb-keyval';
import { v7 as uuidv7 } from 'uuid';
import {
  checkSchema,
  crossingSchema,
  logEntrySchema,
  pictureSchema,
  relaxedHandSchema,
  takeSchema,
  type CheckInput,
  type CrossingInput,
  type LogEntry,
  type RelaxedHandInput,
  type TakeInput,
} from '@open-palm/contract';
import { ApiProblem, ask, put } from './client';
import { paths } from './paths';

/** What a write brings to the studio. */
type Body =
  | { kind: 'check'; body: CheckInput }
  | { kind: 'relaxedHand'; body: RelaxedHandInput }
  | { kind: 'take'; body: TakeInput }
  | { kind: 'crossing'; body: CrossingInput }
  | { kind: 'log'; body: LogEntry };

/** A check, a relaxed hand or an entry of the lesson log on its way to the studio, with its pictures. */
export type Unsent = {
  id: string;
  studentName: string;
  pictures: readonly { id: string; blob: Blob }[];
  /** Why the studio refused it for good, if it did. */
  refused?: string;
} & Body;

let store: UseStore | undefined;
const boxStore = () => (store ??= createStore('open-palm-unsent', 'looks'));

/** What waits, under keys that sort in the order in which it was added. */
let queue: readonly (readonly [string, Unsent])[] = [];
let contents: readonly Unsent[] = [];
const listeners = new Set<() => void>();

async function changed(): Promise<void> {
  queue = await entries<string, Unsent>(boxStore());
  contents = queue.map(([, unsent]) => unsent);
  listeners.forEach((listener) => listener());
}

/**
 * What this device holds until the studio has acknowledged it. It is in the browser's database, so that closing the
 * page, a dead battery or a missing network loses nothing.
 */
export const outbox = {
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },

  contents: () => contents,

  /** Resolves once it is safe on this device. */
  async add(unsent: Unsent): Promise<void> {
    // The same one again takes the place of what waits: ids are the writes' own.
    const known = queue.find(([, { id }]) => id === unsent.id);
    await set(known?.[0] ?? uuidv7(), unsent, boxStore());
    await changed();
  },

  async discard(id: string): Promise<void> {
    for (const [key] of queue.filter(([, unsent]) => unsent.id === id)) await del(key, boxStore());
    await changed();
  },

  /**
   * Sends what waits, oldest first. Ids are the client's own and writes can be repeated, so what got no answer is
   * simply sent again.
   *
   * @returns the ids of the students of whom something arrived
   */
  async send(): Promise<string[]> {
    // What was added while an earlier sending was under way is not part of it, and must not wait for the next one.
    const earlier = sending ? await sending.catch(() => []) : [];
    sending ??= sendAll().finally(() => (sending = undefined));
    return [...earlier, ...(await sending)];
  },
};

let sending: Promise<string[]> | undefined;

async function sendAll(): Promise<string[]> {
  const arrived: string[] = [];
  await changed();
  for (const [key, unsent] of queue.filter(([, { refused }]) => refused === undefined)) {
    try {
      await sendOne(unsent);
      await del(key, boxStore());
      arrived.push(unsent.body.studentId);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (error.isPassing) break;
      await set(key, { ...unsent, refused: error.message }, boxStore());
    }
  }
  await changed();
  return arrived;
}

async function sendOne(unsent: Unsent): Promise<void> {
  for (const { id, blob } of unsent.pictures) {
    await ask(pictureSchema, paths.picture(id), { method: 'PUT', body: blob });
  }
  switch (unsent.kind) {
    case 'check':
      return void (await put(checkSchema, paths.check(unsent.id), unsent.body));
    case 'relaxedHand':
      return void (await put(relaxedHandSchema, paths.relaxedHand(unsent.id), unsent.body));
    case 'take':
      return void (await put(takeSchema, paths.take(unsent.id), unsent.body));
    case 'crossing':
      return void (await put(crossingSchema, paths.crossing(unsent.id), unsent.body));
    case 'log':
      return void (await put(logEntrySchema, paths.log(unsent.id), unsent.body));
  }
}
