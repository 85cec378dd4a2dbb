import { drillKey, fill, type CardDose, type CardDrill } from '../../data/cardData';
import { turnsOn } from '../cardLog';
import { clockFace, minutesWords } from '../clock';
import { button, el, picture } from '../dom';
import { head } from './head';
import type { OpenCard, Shown } from '../openCard';

/** How often the clock is looked at, ms. */
const TICK_MS = 200;
const STEP_BPM = 4;

/** One drill: how it looks, how it is done, the clock, and what came of it. */
export function drillScreen(card: OpenCard, dose: CardDose): Shown {
  const { data, day } = card;
  const { words } = data;
  const drill = data.drills[drillKey(dose)]!;
  const drawn = drill.figure === null ? undefined : data.figures[drill.figure];
  const done = day ? turnsOn(card.kept, day.on, dose.drill).length : 0;
  const clock = dose.minutesATurn > 0 ? new TurnClock(card, dose, drill) : null;
  const came = (result: 'done' | 'hard' | 'hurt') => {
    card.note(dose, { result, seconds: clock?.seconds ?? 0 });
    const isOver = result !== 'done' || done + 1 >= dose.turns;
    card.go(isOver ? { screen: 'today' } : { screen: 'drill', dose });
  };
  return {
    element: el(
      'main',
      { class: 'screen' },
      head(card, drill.name),
      drawn ? el('div', { class: 'hero' }, picture(drill.figure!, drawn.viewBox)) : null,
      el(
        'div',
        { class: 'panel' },
        el('ol', {}, ...drill.steps.map((step) => el('li', {}, step))),
        drill.soft === null ? null : el('p', { class: 'second' }, drill.soft),
        el('p', { class: 'second' }, `${words.wrongTitle} ${drill.wrong}`),
      ),
      clock?.element ?? null,
      drill.count === null ? null : counter(card, drill.count),
      drill.bpm === null ? null : metronome(card, drill.bpm),
      el('div', { class: 'grow' }),
      el(
        'div',
        { class: 'foot' },
        el(
          'div',
          { class: 'row' },
          el(
            'p',
            { class: 'second' },
            fill(words.withSteps, { n: Math.min(done + 1, dose.turns), of: dose.turns }),
          ),
          done > 0
            ? button(words.undo, () => card.undo(dose.drill), { class: 'quiet slim' })
            : null,
        ),
        el(
          'div',
          { class: 'row' },
          button(words.hard, () => came('hard')),
          button(words.done, () => came('done'), { class: 'main' }),
        ),
        button(words.hurts, () => came('hurt'), { class: 'hurts' }),
      ),
    ),
    leave: () => clock?.stop(),
  };
}

/** The big clock of one turn: it counts down while it runs, and rings once. */
class TurnClock {
  readonly element: HTMLElement;
  readonly #totalS: number;
  readonly #face = el('p', { class: 'big', role: 'timer' });
  readonly #word = el('p', { class: 'second', 'aria-live': 'polite' });
  readonly #start: HTMLButtonElement;
  #before = 0;
  #since: number | null = null;
  #timer: ReturnType<typeof setInterval> | undefined;

  constructor(
    readonly card: OpenCard,
    dose: CardDose,
    readonly drill: CardDrill,
  ) {
    const { words } = card.data;
    this.#totalS = dose.minutesATurn * 60;
    this.#start = button(words.start, () => (this.#since === null ? this.#run() : this.stop()));
    this.element = el('div', { class: 'panel' }, this.#face, this.#word, this.#start);
    this.#tell();
  }

  /** So long it has run. */
  get seconds(): number {
    const now = this.#since === null ? 0 : (performance.now() - this.#since) / 1000;
    return Math.min(this.#totalS, this.#before + now);
  }

  stop(): void {
    clearInterval(this.#timer);
    this.#before = this.seconds;
    this.#since = null;
    this.#tell();
  }

  #run(): void {
    if (this.seconds >= this.#totalS) this.#before = 0;
    this.#since = performance.now();
    this.#timer = setInterval(() => this.#tick(), TICK_MS);
    this.#tell();
  }

  #tick(): void {
    const was = this.#word.textContent;
    this.#tell();
    if (this.drill.goSeconds !== null && was !== '' && was !== this.#word.textContent) {
      this.card.sound.bell();
    }
    if (this.seconds < this.#totalS) return;
    this.stop();
    this.card.sound.bell();
    navigator.vibrate?.(300);
  }

  #tell(): void {
    const { words } = this.card.data;
    const { left, isHolding } = clockFace(this.#totalS, this.seconds, this.drill.goSeconds);
    this.#face.textContent = minutesWords(left);
    const runs = this.#since !== null;
    const phase = isHolding ? words.hold : words.rest;
    this.#word.textContent =
      left === 0 ? words.timeIsUp : runs && this.drill.goSeconds !== null ? phase : '';
    this.#start.textContent = runs
      ? words.pause
      : left === 0
        ? words.again
        : this.seconds > 0
          ? words.goOn
          : words.start;
  }
}

/** Counts with a tap, from the beginning again when it is full. */
function counter(card: OpenCard, of: number): HTMLElement {
  let n = 0;
  const tell = () => fill(card.data.words.counted, { n, of });
  const tap = button(tell(), () => {
    n = n >= of ? 0 : n + 1;
    tap.textContent = tell();
    if (n === of) card.sound.bell();
  });
  return tap;
}

function metronome(card: OpenCard, bpm: number): HTMLElement {
  const { words } = card.data;
  let [rate, runs] = [bpm, false];
  const pulse = el('span', { class: 'pulse', 'aria-hidden': 'true' });
  const told = el('span', { class: 'slim' });
  const beat = () => {
    pulse.classList.add('on');
    setTimeout(() => pulse.classList.remove('on'), 120);
  };
  const toggle = button(words.metronome, () => {
    runs = !runs;
    tell();
  });
  const tell = () => {
    told.textContent = fill(words.bpm, { n: rate });
    toggle.textContent = runs ? words.metronomeOff : words.metronome;
    toggle.setAttribute('aria-pressed', String(runs));
    if (runs) card.sound.start(rate, beat);
    else card.sound.stop();
  };
  const faster = (by: number) => () => {
    rate = Math.min(120, Math.max(40, rate + by));
    tell();
  };
  tell();
  return el(
    'div',
    { class: 'row' },
    pulse,
    toggle,
    button('−', faster(-STEP_BPM), { class: 'slim', 'aria-label': words.slower }),
    told,
    button('+', faster(STEP_BPM), { class: 'slim', 'aria-label': words.faster }),
  );
}
