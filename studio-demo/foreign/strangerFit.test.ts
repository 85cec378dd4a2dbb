import { fitHold } from '@open-palm/core/fit';
import { holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { foreignPictures, OTHER_SCENE, PAIRS_APART } from './foreignPictures';
import { strangerHand } from './strangerHand';

const HANDS = 16;

/** Palms of other proportions than the model's were taken for pictures of different holds: 58 of 200 such pairs. */
it('takes hands of another make for what they are, straight thumbs too', () => {
  const refusals: string[] = [];
  const thumbs: { errorDeg: number; sd: number }[] = [];
  for (let seed = 0; seed < HANDS; seed += 1) {
    const hand = strangerHand(seed);
    const middleFinger = { mm: 0.97 * hand.middleFingerMm, sdMm: 0.04 * hand.middleFingerMm };
    const captures = foreignPictures(hand, PAIRS_APART[seed % PAIRS_APART.length]!, {
      seed,
      noise: 0.005,
      scene: OTHER_SCENE,
    });
    try {
      const { joints, misplaced } = fitHold(captures, holdById('violin-shallow'), {
        middleFinger,
        relaxed: null,
      });
      misplaced.forEach(({ point }) => refusals.push(point));
      const { value, sd } = joints.find(({ id }) => id === 'thumbIp')!;
      thumbs.push({ errorDeg: value - hand.bendDeg.thumb[1], sd });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      refusals.push(error.issues[0]!.code);
    }
  }
  expect(refusals.length).toBeLessThanOrEqual(1);
  const mean = thumbs.reduce((sum, { errorDeg }) => sum + Math.abs(errorDeg), 0) / thumbs.length;
  // 3.1° over many; of so few hands the mean itself is off by 0.7.
  expect(mean).toBeLessThan(4.8);
  const far = thumbs.filter(({ errorDeg, sd }) => Math.abs(errorDeg) > 2 * sd);
  expect(far.length).toBeLessThanOrEqual(2);
});
