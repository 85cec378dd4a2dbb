import type { PractisedTurn } from '@open-palm/contract';

/** What a card keeps on its phone. */
export interface KeptCard {
  v: 1;
  /** A random text: two phones with the same card are told apart. */
  card: string;
  entries: PractisedTurn[];
}

export interface CardStore {
  read(): KeptCard;
  /** @returns whether it was kept */
  write(kept: KeptCard): boolean;
}

const randomText = (): string =>
  Array.from({ length: 6 }, () => Math.floor(Math.random() * 36).toString(36)).join('');

const isKept = (value: unknown): value is KeptCard =>
  typeof value === 'object' &&
  value !== null &&
  'v' in value &&
  value.v === 1 &&
  'card' in value &&
  typeof value.card === 'string' &&
  'entries' in value &&
  Array.isArray(value.entries);

/** Keeps a card in the browser, under its plan; where the browser keeps nothing, as long as the page is open. */
export function browserStore(plan: string, storage: () => Storage | null): CardStore {
  const key = `open-palm-card/${plan}`;
  let here: KeptCard = { v: 1, card: randomText(), entries: [] };
  return {
    read() {
      try {
        const kept: unknown = JSON.parse(storage()?.getItem(key) ?? 'null');
        if (isKept(kept)) here = kept;
      } catch {
        // What cannot be read is begun anew.
      }
      return here;
    },
    write(kept) {
      here = kept;
      try {
        const place = storage();
        place?.setItem(key, JSON.stringify(kept));
        return place !== null;
      } catch {
        return false;
      }
    },
  };
}
