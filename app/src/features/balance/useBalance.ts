import { useCallback, useMemo, useState } from 'react';
import {
  balanceOf,
  forceUncertainty,
  balanceSetup,
  type BalanceAnswer,
  type BalanceSetup,
  type Forces,
  type HandOnBow,
  type Situation,
} from '@open-palm/core/balance';
import { handOf, isTried, situationOf, startingState, type BalanceState } from './balanceState';
import { balanceNumbers, type StartingBalance } from '@open-palm/records/balance';

/** A hand in what the bow now does, with its forces. */
export interface Held {
  hand: HandOnBow;
  setup: BalanceSetup;
  answer: BalanceAnswer;
}

export interface BalanceModel extends StartingBalance {
  state: BalanceState;
  /** Moves, turns or settles something: everything follows. */
  change: (part: Partial<BalanceState>) => void;
  situation: Situation;
  /** The hand as the student has it, and as it is tried. */
  today: Held;
  now: Held;
  /** Standard deviation of each force of the tried hand, N; null where the bow cannot be held. */
  uncertainty: Forces | null;
  isTried: boolean;
  /** Takes the hand back to the student's. */
  back: () => void;
}

/** How well a contact's place is known that was seen on a picture, mm. [memory] */
const SEEN_SD_MM = 1.5;

/** The bow as a lever in a hand, to be tried out. */
export function useBalance(starting: StartingBalance): BalanceModel {
  const { hold, preset, bow, start, strength } = starting;
  const first = useMemo(() => startingState(hold, start.hand, preset), [hold, start.hand, preset]);
  const [state, setState] = useState(first);
  const { onString: plays, forceN, stringMm, tiltDeg, planeDeg } = state;
  // Not of the whole state: a finger that moves leaves today's hand as it was.
  const situation = useMemo(
    () => situationOf({ onString: plays, forceN, stringMm, tiltDeg, planeDeg }, preset),
    [plays, forceN, stringMm, tiltDeg, planeDeg, preset],
  );
  const onString = plays ? state.carried : 0;
  const held = useCallback(
    (hand: HandOnBow): Held => {
      const setup = balanceSetup(balanceNumbers(bow), hand, situation);
      return { hand, setup, answer: balanceOf(setup, { onString, strength }) };
    },
    [bow, situation, onString, strength],
  );
  const now = useMemo(() => held(handOf(hold.hand, state)), [held, hold, state]);
  const today = useMemo(() => held(handOf(hold.hand, first)), [held, hold, first]);
  const change = useCallback(
    (part: Partial<BalanceState>) => setState((before) => ({ ...before, ...part })),
    [],
  );
  const back = useCallback(() => {
    const { placesMm, off, upMm } = first;
    change({ placesMm, off, upMm });
  }, [change, first]);
  return useMemo(
    () => ({
      ...starting,
      state,
      change,
      situation,
      today,
      now,
      uncertainty: uncertaintyOf(starting, now),
      isTried: isTried(state, first),
      back,
    }),
    [starting, state, change, situation, today, now, first, back],
  );
}

function uncertaintyOf({ bow, start }: StartingBalance, { answer, setup }: Held): Forces | null {
  if (!answer.feasible) return null;
  const contactsMm = Object.fromEntries(
    start.seen.filter((name) => name !== 'thumb').map((finger) => [finger, SEEN_SD_MM]),
  );
  return forceUncertainty(setup, {
    massG: bow.massG.sd,
    balanceMm: bow.balanceMm.sd,
    contactsMm,
  });
}
