import { FINGERS } from '@open-palm/core/hand';
import { bandFor, type Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';

/** The grip that a hold wants, for its portrait: every finger at its starting place, the thumb bent to mid-band. */
export function wantedGrip(hold: Hold): {
  contacts: GripContacts;
  thumbIpFlexionDeg: number | null;
} {
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    fingers[finger] = {
      xMm: hold.startingPlacesMm[finger],
      u: hold.startingDepthsU[finger],
      dMm: 0,
      touching: true,
    };
  }
  const band = bandFor(hold, 'thumbIpFlexion');
  const middle =
    band && 'lo' in band && band.lo !== undefined && band.hi !== undefined
      ? (band.lo + band.hi) / 2
      : null;
  return {
    contacts: { thumbXMm: hold.startingPlacesMm.thumb, fingers },
    thumbIpFlexionDeg: middle,
  };
}
