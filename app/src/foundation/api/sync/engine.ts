import { v7 as uuidv7 } from 'uuid';
import {
  isWaiting,
  keyOf,
  studentOf,
  takenOver,
  VERSIONED,
  withoutErased,
  type Entry,
  type NewEntry,
} from './entry';
import type { EngineParts } from './engineParts';
import { hasArrived } from './needs';
import type { Arrived, SyncEngine } from './syncEngine';
import { outcomeOf, pauseMs, type Answer } from './outcome';

/** After so many entries without an answer in a row the studio is taken to be away: the rest keeps its turn. */
const AWAY_AFTER = 3;
/** Earlier edits that are remembered; more are not tried without an answer. */
const MOST_EARLIER = 10;

export function createSyncEngine(parts: EngineParts): SyncEngine {
  const { store, device, now } = parts;
  let rows: readonly Row[] = [];
  let loaded = false;
  let read = 0;
  let shown = 0;
  let entries: readonly Entry[] = [];
  let elsewhere: readonly Entry[] = [];
  let arrived: readonly Arrived[] = [];
  const listeners = new Set<() => void>();
  let running: Promise<void> | undefined;
  let writing: Promise<void> = Promise.resolve();

  async function refresh(): Promise<void> {
    const turn = (read += 1);
    const stored = (await store.all()).flatMap(([key, value]) => {
      const entry = takenOver(value, device, now());
      return entry ? [{ key, entry, isOlder: entry !== value }] : [];
    });
    for (const { key, entry, isOlder } of stored) {
      // Its edit must stay the same from one try to the next.
      if (isOlder) await store.change(key, (was) => (isEntry(was) ? undefined : entry));
    }
    // What was read earlier and came later is older than what is shown.
    if (turn < shown) return;
    shown = turn;
    rows = stored.filter(({ entry }) => parts.isHere(entry));
    loaded = true;
    entries = rows.map(({ entry }) => entry);
    elsewhere = stored.flatMap(({ entry }) => (parts.isHere(entry) ? [] : [entry]));
    listeners.forEach((listener) => listener());
  }

  async function changed(): Promise<void> {
    await refresh();
    parts.tell();
    plan();
  }

  /** The next time that something is due, but not before so many ms. */
  function plan(leastMs = 0): void {
    const due = entries.filter(isWaiting).map(({ notBefore }) => notBefore);
    if (due.length === 0) return;
    parts.after(
      Math.max(leastMs, Math.min(...due) - now()),
      () => void send().catch(() => undefined),
    );
  }

  const storeKeyOf = (wanted: Pick<Entry, 'kind' | 'id'>): string | undefined =>
    rows.find(({ entry }) => keyOf(entry) === keyOf(wanted))?.key;

  async function change(
    wanted: Pick<Entry, 'kind' | 'id'>,
    make: (entry: Entry) => Entry | null | undefined,
  ): Promise<void> {
    const key = storeKeyOf(wanted);
    if (key !== undefined) {
      await store.change(key, (stored) => (isEntry(stored) ? make(stored) : undefined));
    }
    await changed();
  }

  /** One after the other: two edits of the same in one moment must find each other. */
  function write(entry: NewEntry): Promise<void> {
    const mine = writing.then(() => writeOne(entry));
    writing = mine.catch(() => undefined);
    return mine;
  }

  async function writeOne({
    pictures = [],
    basedOn = 0,
    withinMs = 0,
    ...entry
  }: NewEntry): Promise<void> {
    // What never changes is written at once: it is shown already, and must be safe before the page can be left.
    if (!loaded || VERSIONED.has(entry.kind)) await refresh();
    const key = storeKeyOf(entry) ?? uuidv7();
    const at = new Date(now()).toISOString();
    await store.change(key, (stored) => {
      const earlier = isEntry(stored) ? stored : null;
      // A form that has not loaded what its own last edit made goes on from that edit, which may have arrived just now.
      const came = arrived.find((one) => keyOf(one) === keyOf(entry));
      const goesOn = came && basedOn < (came.version ?? 0) ? [came.edit] : [];
      const isGathered = earlier?.tries === 0 && earlier.notBefore > now();
      const latest = isGathered ? earlier.notBefore : now() + withinMs;
      return {
        ...entry,
        pictures,
        edit: uuidv7(),
        after: (earlier ? [...earlier.after, earlier.edit] : goesOn).slice(-MOST_EARLIER),
        // What it was based on stays: this device has seen nothing newer meanwhile, unless a screen says so.
        basedOn: Math.max(basedOn, earlier?.basedOn ?? 0),
        studio: parts.studio(),
        author: parts.author(),
        madeBy: device,
        at,
        tries: 0,
        notBefore: withinMs === 0 ? 0 : Math.min(latest, now() + withinMs),
      };
    });
    await changed();
  }

  function send(): Promise<void> {
    // What was added while an earlier sending was under way is not part of it, and must not wait for the next one.
    const next = (running ?? Promise.resolve()).then(() => parts.alone(sendAll));
    const mine = next
      .catch(() => undefined)
      .finally(() => {
        if (running === mine) running = undefined;
      });
    running = mine;
    return next;
  }

  async function sendAll(): Promise<void> {
    await refresh();
    const tried = new Set<string>();
    let silent = 0;
    for (;;) {
      const row = rows.find(
        ({ key, entry }) =>
          isWaiting(entry) &&
          entry.notBefore <= now() &&
          !tried.has(key) &&
          hasArrived(entry, entries),
      );
      if (!row || silent >= AWAY_AFTER) break;
      tried.add(row.key);
      const answer = await parts.send(row.entry);
      silent = answer.kind === 'unknown' ? silent + 1 : 0;
      await settle(row, answer);
      await refresh();
    }
    parts.tell();
    plan(silent >= AWAY_AFTER ? pauseMs(1, parts.random()) : 0);
  }

  /** Writes down what came of an entry; what was changed meanwhile stays and is sent in its turn. */
  async function settle({ key, entry: sent }: Row, answer: Answer): Promise<void> {
    const outcome = outcomeOf(answer, hasArrived(sent, entries));
    if (outcome === 'kept') noteArrival(sent, answer);
    if (outcome === 'erased') parts.onErased(sent);
    await store.change(key, (stored) => {
      if (!isEntry(stored)) return undefined;
      if (outcome === 'erased') return null;
      const isSame = stored.edit === sent.edit;
      // What was changed meanwhile goes on from what was sent, and says so by its earlier edits.
      if (!isSame) return undefined;
      if (outcome === 'kept') return null;
      return { ...stored, ...standingAfter(stored, answer, outcome) };
    });
  }

  function standingAfter(
    entry: Entry,
    answer: Answer,
    outcome: 'later' | 'stop' | 'conflict',
  ): Partial<Entry> {
    const tries = entry.tries + 1;
    if (answer.kind === 'problem' && outcome === 'conflict') {
      return { tries, conflict: answer.conflict! };
    }
    if (answer.kind === 'problem' && outcome === 'stop') {
      const { status, code, message, where } = answer;
      return { tries, stop: { status, code, message, where, at: new Date(now()).toISOString() } };
    }
    const askedMs = answer.kind === 'problem' ? (answer.retryAfterMs ?? 0) : 0;
    return { tries, notBefore: now() + Math.max(askedMs, pauseMs(tries, parts.random())) };
  }

  function noteArrival(sent: Entry, answer: Answer): void {
    const { kind, id, body, edit } = sent;
    const version = (answer.kind === 'kept' ? answer.version : undefined) ?? null;
    const kept = answer.kind === 'kept' && answer.body !== undefined ? answer.body : body;
    const one = {
      kind,
      id,
      edit,
      body: VERSIONED.has(kind) ? kept : body,
      version,
    } as Arrived;
    arrived = [...arrived.filter((other) => keyOf(other) !== keyOf(one)), one];
  }

  return {
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    contents: () => entries,
    elsewhere: () => elsewhere,
    arrived: () => arrived,
    write,
    send,
    async hurry() {
      await refresh();
      for (const entry of entries.filter(isWaiting)) {
        await change(entry, (stored) => ({ ...stored, notBefore: 0 }));
      }
      await send();
    },
    async again(entry) {
      await change(entry, (stored) => {
        const { stop: _, ...rest } = stored;
        return { ...rest, notBefore: 0 } as Entry;
      });
      await send();
    },
    async resolve(entry, body) {
      await change(entry, (stored) => {
        const { conflict, stop, ...rest } = stored;
        const isTaken = stop?.status === 409 && !conflict && !VERSIONED.has(stored.kind);
        const id = isTaken ? uuidv7() : stored.id;
        return {
          ...rest,
          id,
          body: 'id' in body ? { ...body, id } : body,
          edit: uuidv7(),
          after: conflict ? [] : stored.after,
          basedOn: conflict?.version ?? stored.basedOn,
          tries: 0,
          notBefore: 0,
        } as Entry;
      });
      await send();
    },
    discard: (entry) => change(entry, () => null),
    async restore(entry) {
      await store.put(uuidv7(), entry);
      await changed();
    },
    async forget(isErased) {
      for (const [key, value] of await store.all()) {
        const entry = takenOver(value, device, now());
        const left = entry && withoutErased(entry, isErased);
        if (entry && left !== entry) await store.change(key, () => left);
      }
      arrived = arrived.filter(({ id, ...one }) => {
        return !isErased(id) && !isErased(studentOf({ id, ...one }) ?? id);
      });
      await changed();
    },
    forgetArrived(isGone) {
      arrived = arrived.filter((one) => !isGone(one));
      listeners.forEach((listener) => listener());
    },
    async refresh() {
      await refresh();
      // The tab that wrote it may be closed before it sends.
      plan();
    },
  };
}

/** An entry with the key that it is stored under. */
interface Row {
  key: string;
  entry: Entry;
}

const isEntry = (stored: unknown): stored is Entry =>
  typeof stored === 'object' && stored !== null && 'edit' in stored;
