import type { Content, Entry, NewEntry } from './entry';

/** What arrived since the page was opened: it is shown until the studio's own answers have it. */
export type Arrived = Pick<Entry, 'id' | 'edit'> & Content & { version: number | null };

/** The one way of everything a person makes to the studio. */
export interface SyncEngine {
  subscribe(listener: () => void): () => void;
  /** What is on this device alone, the oldest first: what waits, and what waits for a person. */
  contents(): readonly Entry[];
  /**
   * What was made for another studio that stood at this address, or by somebody else who was signed in here: it stays until that one answers
   * again, or they are back.
   */
  elsewhere(): readonly Entry[];
  arrived(): readonly Arrived[];
  /** Resolves once it is safe on this device. A later edit of the same takes the place of an earlier one. */
  write(entry: NewEntry): Promise<void>;
  /** Sends what is due, one after the other; resolves when each was tried. */
  send(): Promise<void>;
  /** Everything is due now: a person asks for it, or the network is back. */
  hurry(): Promise<void>;
  /** Sends a stopped entry again. */
  again(entry: Entry): Promise<void>;
  /**
   * What a person decided counts and is sent: of two versions, based on what stands in the studio; of what stopped, as it
   * was put right. Where the studio knows its id by another body it gets an id of its own.
   */
  resolve<E extends Entry>(entry: E, body: E['body']): Promise<void>;
  discard(entry: Pick<Entry, 'kind' | 'id'>): Promise<void>;
  /** Brings a discarded entry back. */
  restore(entry: Entry): Promise<void>;
  /** Forgets what was erased in the studio, whoever made it and for whichever studio. */
  forget(isErased: (id: string) => boolean): Promise<void>;
  /** Lets what arrived be shown no more: it was taken away in the studio. */
  forgetArrived(isGone: (one: Arrived) => boolean): void;
  /** Reads what another tab has changed. */
  refresh(): Promise<void>;
}
