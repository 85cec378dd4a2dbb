import { createStore, del, entries, set, type UseStore } from 'idb-keyval';
import { checkSchema, pictureSchema, type CheckInput } from '@open-palm/contract';
import { ApiProblem, ask, put } from './client';
import { paths } from './paths';

/** A check on its way to the studio, with its picture. */
export interface UnsentCheck {
  id: string;
  studentName: string;
  check: CheckInput;
  picture: Blob;
  /** Why the studio refused it for good, if it did. */
  refused?: string;
}

let store: UseStore | undefined;
const boxStore = () => (store ??= createStore('open-palm-outbox', 'checks'));

let contents: readonly UnsentCheck[] = [];
const listeners = new Set<() => void>();

async function changed(): Promise<void> {
  const stored = await entries<string, UnsentCheck>(boxStore());
  contents = stored.map(([, unsent]) => unsent);
  listeners.forEach((listener) => listener());
}

/**
 * The checks that this device holds until the studio has acknowledged them. They are in the browser's database, so
 * that closing the page, a dead battery or a missing network loses none.
 */
export const outbox = {
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },

  contents: () => contents,

  async add(unsent: UnsentCheck): Promise<void> {
    await set(unsent.id, unsent, boxStore());
    await changed();
  },

  async discard(id: string): Promise<void> {
    await del(id, boxStore());
    await changed();
  },

  /**
   * Sends what waits, oldest first. Ids are the client's own and writes can be repeated, so a check of which no
   * answer came back is simply sent again.
   *
   * @returns the ids of the students whose checks arrived
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
      arrived.push(unsent.check.studentId);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (error.isPassing) break;
      await set(unsent.id, { ...unsent, refused: error.message }, boxStore());
    }
  }
  await changed();
  return arrived;
}

async function sendOne({ id, check, picture }: UnsentCheck): Promise<void> {
  const [capture] = check.captures;
  if (capture) {
    const init = { method: 'PUT', body: picture };
    await ask(pictureSchema, paths.picture(capture.pictureId), init);
  }
  await put(checkSchema, paths.check(id), check);
}
