import { fill } from '../../data/cardData';
import { daysWithBow, LOOK, turnsOn } from '../cardLog';
import { button, el, picture } from '../dom';
import { head } from './head';
import type { OpenCard, Shown } from '../openCard';

const FELT = ['easy', 'fine', 'tired'] as const;

/** The last look at the hold, beside how it is wanted, and how the day felt. */
export function endScreen(card: OpenCard): Shown {
  const { data, day, kept } = card;
  const { words } = data;
  const felt = day && kept.entries.find(({ day: on, felt: one }) => on === day.on && one)?.felt;
  const choose = (one: (typeof FELT)[number]) => {
    if (day && turnsOn(kept, day.on, LOOK.drill).length < 2) {
      card.note(LOOK, { result: 'done', seconds: 0 });
    }
    card.felt(one);
    card.show();
  };
  return {
    element: el(
      'main',
      { class: 'screen' },
      head(card, words.lookLast),
      el(
        'div',
        { class: 'pair' },
        ...data.wanted.map((id) => picture(id, data.figures[id]!.viewBox)),
      ),
      el('p', {}, words.lookHelp),
      el('h2', {}, words.feltTitle),
      ...FELT.map((one) =>
        button(words.felt[one], () => choose(one), {
          class: felt === one ? 'main' : '',
          'aria-pressed': String(felt === one),
        }),
      ),
      felt
        ? el(
            'p',
            { class: 'panel', role: 'status' },
            `${words.thanks} ${fill(words.daysWithBow, { n: daysWithBow(kept) })}`,
          )
        : null,
      el('div', { class: 'grow' }),
      felt && !card.options.inLesson
        ? button(words.show, () => card.go({ screen: 'teacher' }))
        : null,
      button(words.back, () => card.go({ screen: 'today' })),
    ),
  };
}
