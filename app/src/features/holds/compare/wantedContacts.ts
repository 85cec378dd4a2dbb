import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';

/** Every digit where a hold wants it, for its portrait. */
export function wantedContacts(hold: Hold): GripContacts {
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    fingers[finger] = {
      xMm: hold.startingPlacesMm[finger],
      u: hold.startingDepthsU[finger],
      dMm: 0,
      touching: true,
    };
  }
  return { thumbXMm: hold.startingPlacesMm.thumb, fingers };
}
