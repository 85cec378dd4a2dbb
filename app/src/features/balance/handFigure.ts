import type { HandOnBow } from '@open-palm/core/balance';
import { FINGERS } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import { overhandFigure, type GripFigure } from '../../drawing/portrait/gripFigure';
import { underhandFigure } from '../../drawing/portrait/underhandFigure';

/** How far above the stick a finger is drawn that is off the bow, mm. */
const LIFTED_MM = 22;

/**
 * The hand of a lever as a figure: each finger where it is, as deep as it was seen to be.
 *
 * @param contacts as last seen; where nothing was, the hold's depths stand in
 */
export function figureOf(
  hold: Hold,
  { placesMm }: HandOnBow,
  contacts: GripContacts,
  thumbIpFlexionDeg: number | null,
): GripFigure {
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    const at = placesMm[finger];
    fingers[finger] = {
      xMm: at ?? hold.startingPlacesMm[finger],
      u: contacts.fingers[finger]?.u ?? hold.startingDepthsU[finger],
      dMm: at === undefined ? -LIFTED_MM : 0,
      touching: at !== undefined,
    };
  }
  const figure = hold.hand === 'over' ? overhandFigure : underhandFigure;
  return figure(hold, { thumbXMm: placesMm.thumb, fingers }, thumbIpFlexionDeg);
}
