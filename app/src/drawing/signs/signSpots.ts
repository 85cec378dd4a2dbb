import type { HandPointName } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { Station } from '@open-palm/core/portrait';
import { stationOf, type PortraitView } from '@open-palm/core/portrait/views';

/** Signs that sit at one spot of the hand: from where it is seen, and the joint that is marked. */
const SPOTS: Readonly<Record<string, { view: PortraitView; ring: HandPointName }>> = {
  thumbMuscleHard: { view: 'thumbSide', ring: 'thumbMcp' },
  indexTight: { view: 'fingerSide', ring: 'indexPip' },
  littleOnButton: { view: 'fingerSide', ring: 'littleTip' },
  littlePresses: { view: 'fingerSide', ring: 'littleDip' },
  littleSqueezesFrog: { view: 'fingerSide', ring: 'littleDip' },
  frogInPalm: { view: 'playerEye', ring: 'ringMcp' },
  buttonOutOfWeb: { view: 'playerEye', ring: 'thumbMcp' },
};

/** Where the eye stands for a sign at one spot of this hold's hand; null for a sign that has none. */
export function signSpot(
  sign: string,
  { hand }: Pick<Hold, 'hand'>,
): { station: Station; ring: HandPointName } | null {
  const spot = SPOTS[sign];
  return spot ? { station: stationOf(spot.view, hand), ring: spot.ring } : null;
}
