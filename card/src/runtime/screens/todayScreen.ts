import { drillKey, fill, type CardDay, type CardDose } from '../../data/cardData';
import { doseWords } from '../../page/cardPage';
import { LOOK, turnsOn } from '../cardLog';
import { button, el, picture } from '../dom';
import type { OpenCard, Shown } from '../openCard';

/** What is practised today, each drill a large row, between two looks at the hold. */
export function todayScreen(card: OpenCard): Shown {
  const { data, day, options } = card;
  const { words } = data;
  const first = data.days[0]!;
  const parts: (Node | null)[] = [
    el('h1', { tabindex: '-1' }, fill(words.title, { name: data.called })),
    card.isKept ? null : el('p', { class: 'panel', role: 'status' }, words.notKept),
  ];
  if (!day) {
    const isBefore = options.today < first.on;
    parts.push(
      el(
        'p',
        { class: 'panel' },
        isBefore ? fill(words.notYet, { date: first.called }) : words.over,
      ),
    );
    const last = card.openDays.at(-1);
    if (last && !isBefore) parts.push(button(words.otherDay, () => card.turnTo(last)));
  } else if (day.isRest) {
    parts.push(dayLine(card, day), el('h2', {}, words.restDay), el('p', {}, words.restHelp));
  } else {
    parts.push(dayLine(card, day), ...dayRows(card, day));
  }
  return {
    element: el(
      'main',
      { class: 'screen' },
      ...parts,
      el('div', { class: 'grow' }),
      options.inLesson ? null : button(words.show, () => card.go({ screen: 'teacher' })),
      button(words.hurts, () => hurts(card), { class: 'hurts' }),
    ),
  };
}

/** Something hurts, and not in one drill only. */
function hurts(card: OpenCard): void {
  card.day ??= card.openDays.at(-1) ?? null;
  card.note(LOOK, { result: 'hurt', seconds: 0 });
  card.go({ screen: 'stop' });
}

function dayLine(card: OpenCard, day: CardDay): HTMLElement {
  const { words } = card.data;
  const days = card.openDays;
  const at = days.indexOf(day);
  const turn = (to: CardDay | undefined, label: string, mark: string) =>
    button(mark, () => to && card.turnTo(to), {
      class: 'slim',
      'aria-label': label,
      disabled: to === undefined,
    });
  return el(
    'div',
    { class: 'row' },
    turn(days[at - 1], words.before, '‹'),
    el('p', { class: 'second' }, day.called),
    turn(days[at + 1], words.after, '›'),
  );
}

function dayRows(card: OpenCard, day: CardDay): Node[] {
  const { words } = card.data;
  const minutes = day.drills.reduce(
    (sum, { turns, minutesATurn }) => sum + turns * minutesATurn,
    0,
  );
  return [
    el('p', {}, fill(words.minutes, { n: minutes })),
    ...day.aids.map((aid) => el('p', { class: 'panel' }, aid)),
    lookRow(card, day),
    ...day.drills.map((dose) => drillRow(card, day, dose)),
    button(words.finish, () => card.go({ screen: 'end' }), { class: 'main' }),
  ];
}

/** The look before everything. */
function lookRow(card: OpenCard, day: CardDay): HTMLElement {
  const { words, wanted, figures } = card.data;
  const isDone = turnsOn(card.kept, day.on, LOOK.drill).length > 0;
  const [id] = wanted;
  return el(
    'button',
    {
      type: 'button',
      class: isDone ? 'drill is-done' : 'drill',
      onclick: () => card.go({ screen: 'look' }),
    },
    id === undefined ? el('span') : picture(id, figures[id]!.viewBox),
    el('strong', {}, words.lookFirst),
    el(
      'span',
      { class: 'dots', 'aria-hidden': 'true' },
      el('span', { class: isDone ? 'dot full' : 'dot' }),
    ),
  );
}

function drillRow(card: OpenCard, day: CardDay, dose: CardDose): HTMLElement {
  const { data } = card;
  const drill = data.drills[drillKey(dose)]!;
  const turns = turnsOn(card.kept, day.on, dose.drill);
  const planned = Math.max(dose.turns, turns.length);
  const isDone = turns.length >= dose.turns;
  const drawn = drill.figure === null ? undefined : data.figures[drill.figure];
  return el(
    'button',
    {
      type: 'button',
      class: isDone ? 'drill is-done' : 'drill',
      'aria-label': fill(data.words.count, { name: drill.name, n: turns.length, of: dose.turns }),
      onclick: () => card.go({ screen: 'drill', dose }),
    },
    drawn ? picture(drill.figure!, drawn.viewBox) : el('span'),
    el(
      'span',
      {},
      el('strong', {}, drill.name),
      el('span', { class: 'second' }, doseWords(data, dose)),
    ),
    el(
      'span',
      { class: 'dots', 'aria-hidden': 'true' },
      ...Array.from({ length: planned }, (_, i) => {
        const result = turns[i]?.result;
        return el('span', {
          class: result === 'done' ? 'dot full' : result === 'hard' ? 'dot hard' : 'dot',
        });
      }),
    ),
  );
}
