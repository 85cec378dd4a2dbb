import { button, el } from '../dom';
import type { OpenCard } from '../openCard';

/** The title of a screen, and the way back to today's drills. */
export const head = (card: OpenCard, title: string): HTMLElement =>
  el(
    'div',
    { class: 'row' },
    button('‹', () => card.go({ screen: 'today' }), {
      class: 'slim',
      'aria-label': card.data.words.back,
    }),
    el('h1', { tabindex: '-1' }, title),
  );
