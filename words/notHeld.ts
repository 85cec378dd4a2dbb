import type { WhyNot } from '@open-palm/core/balance';

/** Why a hand cannot hold the bow still, as a sentence. */
export const whyNotHeld: Record<WhyNot, string> = {
  tipFalls: 'With nothing on the bow behind the thumb, nothing holds the tip up.',
  tipRises: 'With nothing on the bow ahead of the thumb, nothing presses the tip down.',
  noPushThatWay: 'What touches the bow can only push the other way.',
};
