import { readOpBalanceFile } from '@open-palm/contract';
import { whyNotHeld } from '@open-palm/words/notHeld';
import { balanceOf, type Forces } from '@open-palm/core/balance';

export type BalanceFileAnswer =
  | {
      feasible: true;
      /** Least total force in the string's plane. */
      forcesN: Forces;
      /** As a hand shares it out of itself. */
      shareN: Forces;
      acrossN: { index: number; thumb: number } | null;
      pinchN: number;
      handOverMm: number | null;
      loudestN: number | null;
    }
  | { feasible: false; reason: string };

/**
 * The forces that hold a bow still in a hand, from a file.
 *
 * @param content parsed JSON
 * @throws InputError with everything that is wrong with the file
 */
export function balanceFile(content: unknown): BalanceFileAnswer {
  const { setup, frictionShare } = readOpBalanceFile(content);
  const answer = balanceOf(setup, { onString: frictionShare });
  if (!answer.feasible) return { feasible: false, reason: whyNotHeld[answer.why] };
  const { leastN, shareN, acrossN, pinchN, handOverMm, loudestN } = answer.balance;
  return { feasible: true, forcesN: leastN, shareN, acrossN, pinchN, handOverMm, loudestN };
}
