import type { Felt, PractisedTurn } from '@open-palm/contract';
import type { CardData, CardDay, CardDose } from '../data/cardData';
import type { Sound } from './sound';
import type { CardStore, KeptCard } from './store';

export type Where =
  | { screen: 'today' }
  | { screen: 'look' }
  | { screen: 'drill'; dose: CardDose }
  | { screen: 'end' }
  | { screen: 'teacher' }
  /** Something hurts: also where there is no day on which it could be noted. */
  | { screen: 'stop' };

export interface CardOptions {
  store: CardStore;
  /** Today on the student's calendar, as 2026-11-26. */
  today: string;
  /** Told of every change: the log in the lesson. */
  onChange?: (kept: KeptCard) => void;
  /** Within the studio's own app nothing is shown to a teacher: it is there already. */
  inLesson?: boolean;
}

/** A screen, and what ends with it. */
export interface Shown {
  element: HTMLElement;
  leave?: () => void;
}

/** A card as its screens see it. */
export interface OpenCard {
  readonly data: CardData;
  readonly options: CardOptions;
  readonly sound: Sound;
  readonly kept: KeptCard;
  /** Whether the browser keeps what is noted. */
  readonly isKept: boolean;
  /** The day that is shown; null where today is no day of the plan. */
  day: CardDay | null;
  /** The days that may be noted: none that is still to come. */
  readonly openDays: CardDay[];
  go(where: Where): void;
  /** Another day is shown: what was forgotten yesterday can be noted today. */
  turnTo(day: CardDay): void;
  note(
    dose: Pick<CardDose, 'drill' | 'stage'>,
    came: Pick<PractisedTurn, 'result' | 'seconds'>,
  ): void;
  undo(drill: string): void;
  /** It was a mis-tap: nothing hurts. */
  unhurt(): void;
  felt(felt: Felt): void;
  show(): void;
}
