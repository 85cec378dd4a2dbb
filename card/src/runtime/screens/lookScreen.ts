import { LOOK } from '../cardLog';
import { button, el, picture } from '../dom';
import { head } from './head';
import type { OpenCard, Shown } from '../openCard';

/** The first look at the hold, beside how it is wanted. */
export function lookScreen(card: OpenCard): Shown {
  const { data } = card;
  const { words } = data;
  const done = () => {
    card.note(LOOK, { result: 'done', seconds: 0 });
    card.go({ screen: 'today' });
  };
  return {
    element: el(
      'main',
      { class: 'screen' },
      head(card, words.lookFirst),
      ...data.wanted.map((id) => picture(id, data.figures[id]!.viewBox)),
      el('p', {}, words.lookHelp),
      el('div', { class: 'grow' }),
      el('div', { class: 'foot' }, button(words.done, done, { class: 'main' })),
    ),
  };
}
