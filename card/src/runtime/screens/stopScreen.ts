import { button, el } from '../dom';
import type { OpenCard, Shown } from '../openCard';

/** Something hurts: nothing is practised, and whom to tell. */
export function stopScreen(card: OpenCard): Shown {
  const { words } = card.data;
  return {
    element: el(
      'main',
      { class: 'screen' },
      el('h1', { tabindex: '-1' }, words.stopTitle),
      el(
        'div',
        { class: 'panel stop', role: 'alert' },
        el('p', {}, words.stopTell),
        el('p', {}, words.stopDoctor),
        el('p', {}, words.stopRest),
      ),
      el('div', { class: 'grow' }),
      card.options.inLesson
        ? null
        : button(words.show, () => card.go({ screen: 'teacher' }), { class: 'main' }),
      button(words.mistap, () => card.unhurt(), { class: 'quiet' }),
    ),
  };
}
