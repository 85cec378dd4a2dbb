import { qrPath, toCodes } from '../../code';
import { fill } from '../../data/cardData';
import { daysWithBow } from '../cardLog';
import { button, el, pathPicture } from '../dom';
import type { OpenCard, Shown } from '../openCard';

/** How long a code stands before the next one of the same log, ms: long enough for a slow camera. */
const EACH_MS = 900;

/** What was done, as codes for the teacher's camera and as a file; nothing goes anywhere by itself. */
export function teacherScreen(card: OpenCard): Shown {
  const { data, kept } = card;
  const { words } = data;
  const codes = toCodes({ v: 1, plan: data.plan, card: kept.card, entries: kept.entries });
  const place = el('div', { class: 'code' });
  const told = el('p', { class: 'second' });
  let at = 0;
  const show = () => {
    const { path, size } = qrPath(codes[at]!);
    const label = fill(words.codeOf, { n: at + 1, of: codes.length });
    place.replaceChildren(pathPicture(path, size, label));
    told.textContent = codes.length > 1 ? label : '';
  };
  show();
  const timer =
    codes.length > 1
      ? setInterval(() => {
          at = (at + 1) % codes.length;
          show();
        }, EACH_MS)
      : undefined;
  return {
    element: el(
      'main',
      { class: 'screen' },
      el('h1', { tabindex: '-1' }, words.show),
      el('p', {}, fill(words.daysWithBow, { n: daysWithBow(kept) })),
      place,
      told,
      el('p', { class: 'second' }, words.showHelp),
      el('div', { class: 'grow' }),
      button(words.saveFile, () => save(codes.join('\n'))),
      button(words.back, () => card.go({ screen: 'today' })),
    ),
    leave: () => clearInterval(timer),
  };
}

function save(text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'text/plain' }));
  const link = el('a', { href: address, download: 'practice-log.txt' });
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
