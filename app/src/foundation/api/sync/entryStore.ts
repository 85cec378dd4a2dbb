import { createStore, promisifyRequest, type UseStore } from 'idb-keyval';

/** Where entries lie until the studio has them: under keys that sort in the order in which they were added. */
export interface EntryStore {
  all(): Promise<[key: string, stored: unknown][]>;
  put(key: string, entry: unknown): Promise<void>;
  /**
   * Changes an entry in one step, whoever else writes: null removes it, undefined leaves it.
   *
   * @returns what stands there afterwards
   */
  change(key: string, change: (stored: unknown) => unknown): Promise<unknown>;
}

/** The browser's database: closing the page, a dead battery or a missing network loses nothing. */
export function browserStore(): EntryStore {
  let opened: UseStore | undefined;
  // The names are those of the first outbox: what waits there is taken over.
  const database = () => (opened ??= createStore('open-palm-unsent', 'looks'));
  return {
    all: () =>
      database()('readonly', async (store) => {
        const [keys, values] = await Promise.all([
          promisifyRequest(store.getAllKeys()),
          promisifyRequest(store.getAll()),
        ]);
        return keys.map((key, i) => [String(key), values[i] as unknown]);
      }),
    put: (key, entry) =>
      database()('readwrite', (store) => {
        store.put(entry, key);
        return promisifyRequest(store.transaction);
      }),
    change: (key, change) =>
      database()('readwrite', async (store) => {
        const stored: unknown = await promisifyRequest(store.get(key));
        const next = change(stored);
        if (next === undefined) return stored;
        if (next === null) store.delete(key);
        else store.put(next, key);
        await promisifyRequest(store.transaction);
        return next;
      }),
  };
}

/** Memory alone: for tests, and for browsers that keep nothing. */
export function memoryStore(initial: Iterable<[string, unknown]> = []): EntryStore {
  const map = new Map(initial);
  return {
    all: async () => [...map].sort(([a], [b]) => (a < b ? -1 : 1)),
    async put(key, entry) {
      map.set(key, entry);
    },
    async change(key, change) {
      const next = change(map.get(key));
      if (next === null) map.delete(key);
      else if (next !== undefined) map.set(key, next);
      return next === undefined ? map.get(key) : next;
    },
  };
}
