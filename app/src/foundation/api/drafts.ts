import { currentPerson, isOfThisPerson } from './accessState';
import { currentStudio, isOfThisStudio } from './whichStudio';
import { createStore, del, entries, get, set, type UseStore } from 'idb-keyval';

/** A look that is not finished, as it lies in the browser's database; its content belongs to the look. */
export interface StoredDraft {
  studentId: string;
  setupId: string;
  studentName: string;
  /** The studio that it was begun in; missing where none had answered, or before studios had ids. */
  studio?: string | null;
  /** Who began it; missing where nobody was signed in. */
  author?: string | null;
  /** When it was last changed, ISO. */
  at: string;
  content: unknown;
}

let store: UseStore | undefined;
const draftStore = () => (store ??= createStore('open-palm-drafts', 'looks'));

const keyOf = ({ studentId, setupId }: Pick<StoredDraft, 'studentId' | 'setupId'>) =>
  `${studentId} ${setupId}`;

const isMine = ({ studio, author }: StoredDraft): boolean =>
  isOfThisStudio(studio) && isOfThisPerson(author);

/** Unfinished looks, one for each student and instrument: a reload, a closed tab or a crash keeps them. */
export const drafts = {
  find: (of: Pick<StoredDraft, 'studentId' | 'setupId'>): Promise<StoredDraft | undefined> =>
    get<StoredDraft>(keyOf(of), draftStore()).then((draft) =>
      draft && isMine(draft) ? draft : undefined,
    ),

  keep: (draft: StoredDraft): Promise<void> =>
    set(keyOf(draft), { ...draft, studio: currentStudio(), author: currentPerson() }, draftStore()),

  drop: (of: Pick<StoredDraft, 'studentId' | 'setupId'>): Promise<void> =>
    del(keyOf(of), draftStore()),

  /** Forgets every unfinished look of a student. */
  async dropOf(studentId: string): Promise<void> {
    for (const draft of await drafts.all()) {
      if (draft.studentId === studentId) await drafts.drop(draft);
    }
  },

  /** Of this studio, the newest first. */
  async all(): Promise<StoredDraft[]> {
    const stored = await entries<string, StoredDraft>(draftStore());
    return stored
      .map(([, draft]) => draft)
      .filter(isMine)
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  },
};
