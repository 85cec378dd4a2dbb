import { FINGER_CHAIN, FINGERS, UNKNOWN_HAND, type HandPointName } from '../hand';
import { holdById } from '../holds';
import { InputError } from '../issue';
import type { Capture } from '../measure';
import { fitHold } from './fitHold';
import { inventedCaptures, SETTLED } from './testing/inventedHand';

const hold = holdById('violin-shallow');
/** Of the invented hand's last bones, so that about 10 mm are missing. */
const SHORT_SHARE = 0.4;

/** A person who takes the middle of the nail for the fingertip: all five tips clicked short. */
function clickedShort(capture: Capture): Capture {
  const points = { ...capture.points };
  const ends: [HandPointName, HandPointName][] = [
    ['thumbIp', 'thumbTip'],
    ...FINGERS.map((finger): [HandPointName, HandPointName] => {
      const [, , dip, tip] = FINGER_CHAIN[finger];
      return [dip as HandPointName, tip as HandPointName];
    }),
  ];
  for (const [joint, tip] of ends) {
    const [from, to] = [points[joint]!, points[tip]!];
    points[tip] = {
      ...to,
      x: to.x + SHORT_SHARE * (from.x - to.x),
      y: to.y + SHORT_SHARE * (from.y - to.y),
    };
  }
  return { ...capture, points };
}

const PAIRS = 24;

describe('fingertips that are clicked short', () => {
  it('are no contradiction, and bend no middle joint', () => {
    let refused = 0;
    let off = 0;
    for (let seed = 60; seed < 60 + PAIRS; seed += 1) {
      const captures = inventedCaptures(SETTLED, ['finger-side', 'profile'], { seed, sigma: 2 });
      try {
        const fitted = fitHold(captures.map(clickedShort), hold, UNKNOWN_HAND);
        const pip = fitted.joints.find(({ id }) => id === 'middlePip')!;
        if (Math.abs(pip.value - SETTLED.middle[1]) > 2 * pip.sd + 3) off += 1;
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        refused += 1;
      }
    }
    expect(refused).toBe(0);
    expect(off).toBeLessThanOrEqual(2);
  });
});
