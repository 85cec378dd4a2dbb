import type { Entry } from './entry';
import type { EntryStore } from './entryStore';
import type { Answer } from './outcome';

/** What the way to the studio needs of a device, and of the page it runs in. */
export interface EngineParts {
  store: EntryStore;
  send(entry: Entry): Promise<Answer>;
  /** Whether something belongs to the studio that answers here and to the person who is signed in. */
  isHere(entry: Pick<Entry, 'studio' | 'author'>): boolean;
  /** The studio that answers here; null before any has. */
  studio(): string | null;
  /** Who is signed in; null where nobody is. */
  author(): string | null;
  /** This device's own id. */
  device: string;
  now(): number;
  random(): number;
  /** Lets one tab do something at a time. */
  alone<T>(work: () => Promise<T>): Promise<T>;
  /** Tells the other tabs that something has changed. */
  tell(): void;
  /** Calls back after so long, in place of an earlier call. */
  after(ms: number, call: () => void): void;
  /** Something was erased in the studio: what else this device keeps of it goes too. */
  onErased(entry: Entry): void;
}
