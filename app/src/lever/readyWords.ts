import type { TipRaiseStart } from '@open-palm/core/balance';
import { strings } from '../strings';
import { listWords } from '../strings/listWords';

const words = strings.balance;

/** Where to begin the tip raise, in words. */
export function readyWords(start: TipRaiseStart): string {
  switch (start.kind) {
    case 'noLittleFinger':
      return words.ready.noLittleFinger;
    case 'here':
      return words.ready.here(words.newton(start.littleN), words.newton(start.capN));
    case 'upright':
      return words.ready.upright(
        start.lowestDeg,
        words.newton(start.hereN),
        words.newton(start.capN),
      );
    case 'upTheStick': {
      const [first, ...then] = start.placesMm;
      return words.ready.upTheStick(
        words.mm(first!),
        listWords(then.map((mm) => (mm === 0 ? words.ready.atTheFrog : words.mm(mm)))),
        words.newton(start.hereN),
        words.newton(start.littleN),
        words.newton(start.capN),
      );
    }
  }
}
