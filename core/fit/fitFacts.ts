import { BOW_SECTIONS } from '../bow';
import type { HandFacts } from '../hand';
import type { Hold } from '../holds';
import priors from './data/handPriors.json' with { type: 'json' };
import type { FitFacts } from './fitInput';

/** What is known of hand and hold whatever the pictures show. Under the frog a thumb touches no stick, and is held to none. */
export function factsOf(hold: Hold, hand: HandFacts): FitFacts {
  const isUnderFrog = Object.values(hold.checkpoints).some(
    (checkpoint) => 'notApplicable' in checkpoint && checkpoint.notApplicable === 'thumbUnderFrog',
  );
  const { stickRadiusMm } = BOW_SECTIONS[hold.bow];
  const thumbTipMm = isUnderFrog ? null : stickRadiusMm + priors.thumbOnStick.fleshMm;
  return { hand, holds: hold.hand, thumbTipMm };
}
