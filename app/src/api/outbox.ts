import { createStore, del, entries, set, type UseStore } from 'idb-keyval';
import {
  checkSchema,
  pictureSchema,
  relaxedHandSchema,
  type CheckInput,
  type RelaxedHandInput,
} from '@open-palm/contract';
import { ApiProblem, ask, put } from './client';
import { paths } from './paths';

/** A check or a relaxed hand on its way to the studio, with its pictures. */
export type Unsent = {
  id: string;
  studentName: string;
  pictures: readonly { id: string; blob: Blob }[];
  /** Why the studio refused it for good, if it did. */
  refused?: string;
} & ({ kind: 'check'; body: CheckInput } | { kind: 'relaxedHand'; body: RelaxedHandInput });

let store: UseStore | undefined;
const boxStore = () => (store ??= createStore('open-palm-unsent', 'looks'));

let contents: readonly Unsent[] = [];
const listeners = new Set<() => void>();

async function changed(): Promise<void> {
  const stored = await entries<string, Unsent>(boxStore());
  contents = stored.map(([, unsent]) => unsent);
  listeners.forEach((listener) => listener());
}

/**
 * The looks that this device holds until the studio has acknowledged them. They are in the browser's database, so
 * that closing the page, a dead battery or a missing network loses none.
 */
export const outbox = {
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },

  contents: () => contents,

  async add(unsent: Unsent): Promise<void> {
    await set(unsent.id, unsent, boxStore());
    await changed();
  },

  async discard(id: string): Promise<void> {
    await del(id, boxStore());
    await changed();
  },

  /**
   * Sends what waits, oldest first. Ids are the client's own and writes can be repeated, so a look of which no
   * answer came back is simply sent again.
   *
   * @returns the ids of the students whose looks arrived
   */
  async send(): Promise<string[]> {
    sending ??= sendAll().finally(() => (sending = undefined));
    return sending;
  },
};

let sending: Promise<string[]> | undefined;

async function sendAll(): Promise<string[]> {
  const arrived: string[] = [];
  await changed();
  for (const unsent of contents.filter((candidate) => candidate.refused === undefined)) {
    try {
      await sendOne(unsent);
      await del(unsent.id, boxStore());
      arrived.push(unsent.body.studentId);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (error.isPassing) break;
      await set(unsent.id, { ...unsent, refused: error.message }, boxStore());
    }
  }
  await changed();
  return arrived;
}

async function sendOne(unsent: Unsent): Promise<void> {
  for (const { id, blob } of unsent.pictures) {
    await ask(pictureSchema, paths.picture(id), { method: 'PUT', body: blob });
  }
  if (unsent.kind === 'check') await put(checkSchema, paths.check(unsent.id), unsent.body);
  else await put(relaxedHandSchema, paths.relaxedHand(unsent.id), unsent.body);
}
