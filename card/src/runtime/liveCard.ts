import type { Felt, PractisedTurn } from '@open-palm/contract';
import type { CardData, CardDay, CardDose } from '../data/cardData';
import { hurtOf, withFelt, withoutLast, withTurn } from './cardLog';
import { drillScreen } from './screens/drillScreen';
import { endScreen } from './screens/endScreen';
import { lookScreen } from './screens/lookScreen';
import { stopScreen } from './screens/stopScreen';
import { teacherScreen } from './screens/teacherScreen';
import { todayScreen } from './screens/todayScreen';
import { Sound } from './sound';
import type { CardOptions, OpenCard, Shown, Where } from './openCard';
import type { KeptCard } from './store';

/** A card that is used: which screen is shown, and what is noted. */
export class LiveCard implements OpenCard {
  readonly sound = new Sound();
  kept: KeptCard;
  isKept = true;
  where: Where = { screen: 'today' };
  day: CardDay | null;
  #leave: (() => void) | null = null;

  constructor(
    readonly root: HTMLElement,
    readonly data: CardData,
    readonly options: CardOptions,
  ) {
    this.kept = options.store.read();
    this.isKept = options.store.write(this.kept);
    this.day = this.#dayOf(options.today);
    this.show();
  }

  get openDays(): CardDay[] {
    return this.data.days.filter(({ on }) => on <= this.options.today);
  }

  go(where: Where): void {
    this.where = where;
    this.show();
  }

  turnTo(day: CardDay): void {
    this.day = day;
    this.go({ screen: 'today' });
  }

  note(
    dose: Pick<CardDose, 'drill' | 'stage'>,
    came: Pick<PractisedTurn, 'result' | 'seconds'>,
  ): void {
    if (this.day) this.#keep(withTurn(this.kept, this.day.on, dose, came));
  }

  undo(drill: string): void {
    if (this.day) this.#keep(withoutLast(this.kept, this.day.on, drill));
    this.show();
  }

  unhurt(): void {
    const hurt = hurtOf(this.kept);
    this.#keep({ ...this.kept, entries: this.kept.entries.filter((entry) => entry !== hurt) });
    this.go({ screen: 'today' });
  }

  felt(felt: Felt): void {
    if (this.day) this.#keep(withFelt(this.kept, this.day.on, felt));
  }

  show(): void {
    this.#leave?.();
    this.#leave = null;
    this.sound.stop();
    const { element, leave } = this.#screen();
    this.#leave = leave ?? null;
    this.root.replaceChildren(element);
    globalThis.scrollTo?.(0, 0);
    element.querySelector<HTMLElement>('h1')?.focus({ preventScroll: true });
  }

  /** Stops whatever runs. */
  close(): void {
    this.#leave?.();
    this.sound.stop();
    this.root.replaceChildren();
  }

  #screen(): Shown {
    const isStopped = this.where.screen === 'stop' || hurtOf(this.kept) !== null;
    if (isStopped && this.where.screen !== 'teacher') return stopScreen(this);
    switch (this.where.screen) {
      case 'today':
        return todayScreen(this);
      case 'look':
        return lookScreen(this);
      case 'drill':
        return drillScreen(this, this.where.dose);
      case 'end':
        return endScreen(this);
      case 'teacher':
        return teacherScreen(this);
      case 'stop':
        return stopScreen(this);
    }
  }

  #keep(kept: KeptCard): void {
    this.kept = kept;
    this.isKept = this.options.store.write(kept);
    this.options.onChange?.(kept);
  }

  #dayOf(today: string): CardDay | null {
    return this.data.days.find(({ on }) => on === today) ?? null;
  }
}
