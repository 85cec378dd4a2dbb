import type { LogEntry } from '@open-palm/contract';
import type { CardData } from '@open-palm/card/data';
import { cardPage, type CardParts } from '@open-palm/card/page';
import type { KeptPlan } from '@open-palm/records/practice';
import { saveFile } from '../../../foundation/kit/saveFile';
import { cardText } from './cardData';
import { drawCard, type CardHand } from './drawCard';

/** Where the build keeps what makes a card live. */
const PARTS = '/card/parts.json';

/**
 * All that is on a card.
 *
 * @throws WorkerGone where no hand can be drawn
 */
export async function makeCardData(
  plan: KeptPlan,
  log: readonly LogEntry[],
  hand: CardHand,
): Promise<CardData> {
  const text = cardText(plan, log);
  const drills = plan.days.flatMap((day) => day.drills.map(({ drill }) => drill));
  return { ...text, ...(await drawCard(drills, hand)) };
}

/**
 * A practice card as one file.
 *
 * @throws WorkerGone
 * @throws TypeError where the app's own parts are not here
 */
export async function makeCardFile(
  plan: KeptPlan,
  log: readonly LogEntry[],
  hand: CardHand,
): Promise<File> {
  const [data, response] = await Promise.all([makeCardData(plan, log, hand), fetch(PARTS)]);
  const parts = (await response.json()) as CardParts;
  return new File([cardPage(data, parts)], cardName(plan), { type: 'text/html' });
}

/** What a card's file is called: nothing of the student but the name that stands on it. */
export const cardName = ({ called, lesson }: Pick<KeptPlan, 'called' | 'lesson'>): string =>
  `practice-${called.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')}-${lesson}.html`;

/** Gives a file away: by the phone's own way to share where there is one, else as a download. */
export async function giveFile(file: File): Promise<void> {
  const shared = { files: [file], title: file.name };
  if (navigator.canShare?.(shared)) {
    try {
      await navigator.share(shared);
      return;
    } catch (error) {
      // Whoever closed the sheet wants no download either.
      if (error instanceof DOMException && error.name === 'AbortError') return;
    }
  }
  saveFile(file, file.name);
}
