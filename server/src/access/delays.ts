import { answers } from '@open-palm/words/answers';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { Problem } from '../problem';

/** So often somebody may mistype without waiting. */
const FREE = 3;
/** The longest wait between two tries, s. */
const LONGEST_S = 300;
/** After so long without a mistake nothing is held against anybody, s. */
const FORGOTTEN_S = 3600;

/** Makes whoever guesses wait: 2, 4, 8 … seconds after each mistake past the third, up to five minutes. */
export interface Delays {
  /**
   * Lets a try through, or not yet.
   *
   * @throws Problem `tooSoon` with the seconds to wait
   */
  mayTry(keys: readonly string[]): Promise<void>;
  noteMistake(keys: readonly string[]): Promise<void>;
  forget(keys: readonly string[]): Promise<void>;
}

export function createDelays(): Delays {
  const mistakes = new RateLimiterMemory({ points: FREE, duration: FORGOTTEN_S });
  const waits = new RateLimiterMemory({ points: 1, duration: LONGEST_S });
  return {
    async mayTry(keys) {
      for (const key of keys) {
        const held = await waits.get(key);
        if (held && held.msBeforeNext > 0) throw new TooSoon(Math.ceil(held.msBeforeNext / 1000));
      }
    },
    async noteMistake(keys) {
      for (const key of keys) {
        const { consumedPoints } = await mistakes.penalty(key);
        const past = consumedPoints - FREE;
        if (past > 0) await waits.block(key, Math.min(2 ** past, LONGEST_S));
      }
    },
    async forget(keys) {
      for (const key of keys) await Promise.all([mistakes.delete(key), waits.delete(key)]);
    },
  };
}

/** A try that came before its time. */
export class TooSoon extends Problem {
  constructor(readonly seconds: number) {
    super(429, 'tooSoon', answers.tooSoon(seconds), 'passphrase');
  }
}
