import type { TipRaiseStart } from '@open-palm/core/balance';
import { strings } from '../../foundation/strings';
import { listWords } from '../../foundation/strings/listWords';

const words = strings.tipRaise;
const { newton, mm } = strings;

/** Where to begin the tip raise, in words. */
export function readyWords(start: TipRaiseStart): string {
  switch (start.kind) {
    case 'noLittleFinger':
      return words.noLittleFinger;
    case 'here':
      return words.here(newton(start.littleN), newton(start.capN));
    case 'upright':
      return words.upright(start.lowestDeg, newton(start.hereN), newton(start.capN));
    case 'upTheStick': {
      const [first, ...then] = start.placesMm;
      return words.upTheStick(
        mm(first!),
        listWords(then.map((place) => (place === 0 ? words.atTheFrog : mm(place)))),
        newton(start.hereN),
        newton(start.littleN),
        newton(start.capN),
      );
    }
  }
}
