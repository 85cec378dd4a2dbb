import type { CardData } from '../data/cardData';
import { LiveCard } from './liveCard';
import type { CardOptions } from './openCard';
import { browserStore } from './store';

export interface CardProgram {
  /** Runs a card in an element; its figures and style are there already. */
  run(root: HTMLElement, data: CardData, options: CardOptions): LiveCard;
}

declare global {
  var openPalmCard: CardProgram | undefined;
}

globalThis.openPalmCard = { run: (root, data, options) => new LiveCard(root, data, options) };

/** Today on this phone's calendar. */
function today(): string {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** Some browsers keep nothing for a file, and throw where it is asked for. */
function storage(): Storage | null {
  try {
    return globalThis.localStorage;
  } catch {
    return null;
  }
}

const kept = document.getElementById('card-data');
const live = document.getElementById('live');
if (kept && live) {
  const data = JSON.parse(kept.textContent) as CardData;
  // What the data leave out stands in the page already.
  for (const [id, figure] of Object.entries(data.figures)) {
    figure.body = document.getElementById(`figure-${id}`)?.innerHTML ?? '';
  }
  document.documentElement.classList.add('is-live');
  globalThis.openPalmCard.run(live, data, {
    store: browserStore(data.plan, storage),
    today: today(),
  });
}
