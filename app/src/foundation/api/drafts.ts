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

const keyOf = ({ studentId, setupId }: Pick<StoredDraft, 'studentId' | 'setupId'>) =>
  `${studentId} ${setupId}`;

const isMine = ({ studio, author }: StoredDraft): boolean =>
  isOfThisStudio(studio) && isOfThisPerson(author);

/** What is not finished, one for each student and instrument, in a browser's database of its own. */
function draftsIn(database: string, table: string) {
  let store: UseStore | undefined;
  const draftStore = () => (store ??= createStore(database, table));
  const all = async (): Promise<StoredDraft[]> => {
    const stored = await entries<string, StoredDraft>(draftStore());
    return stored
      .map(([, draft]) => draft)
      .filter(isMine)
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  };
  const drop = (of: Pick<StoredDraft, 'studentId' | 'setupId'>): Promise<void> =>
    del(keyOf(of), draftStore());
  return {
    find: (of: Pick<StoredDraft, 'studentId' | 'setupId'>): Promise<StoredDraft | undefined> =>
      get<StoredDraft>(keyOf(of), draftStore()).then((draft) =>
        draft && isMine(draft) ? draft : undefined,
      ),

    keep: (draft: StoredDraft): Promise<void> =>
      set(
        keyOf(draft),
        { ...draft, studio: currentStudio(), author: currentPerson() },
        draftStore(),
      ),

    drop,

    /** Forgets every one of a student. */
    async dropOf(studentId: string): Promise<void> {
      for (const draft of await all()) if (draft.studentId === studentId) await drop(draft);
    },

    /** Of this studio, the newest first. */
    all,
  };
}

/** Unfinished looks: a reload, a closed tab or a crash keeps them. */
export const drafts = draftsIn('open-palm-drafts', 'looks');

/** Pages of a term whose words were changed and not given yet. */
export const termDrafts = draftsIn('open-palm-terms', 'pages');
