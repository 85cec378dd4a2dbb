import type { HandOnBow } from '../bow/balance';
import { FINGERS, type Finger } from '../hand';
import type { Hold } from '../holds';
import { STICK_REACH_MM } from './fingerMeasures';
import type { GripContacts } from './gripContacts';

/** The web of an under-hand hold lies this far ahead of the button's end, mm. [memory] */
const WEB_FROM_BUTTON_MM = 5;

/** Where a hand touches the bow for the balance, and which of it was seen; the rest is where the hold wants it. */
export interface StartingHand {
  hand: HandOnBow;
  seen: readonly (Finger | 'thumb')[];
}

/**
 * A student's hand on the bow: each contact as it was last seen, else where the hold wants it. A finger that was seen off
 * the stick carries nothing.
 *
 * @param hold adapted to the student
 * @param frogFrontMm of the bow, from the button's end
 */
export function handOnBow(
  hold: Hold,
  contacts: GripContacts | null,
  frogFrontMm: number,
): StartingHand {
  const seenThumb = contacts?.thumbXMm ?? null;
  const placesMm: HandOnBow['placesMm'] = { thumb: seenThumb ?? hold.startingPlacesMm.thumb };
  const seen: (Finger | 'thumb')[] = seenThumb === null ? [] : ['thumb'];
  for (const finger of FINGERS) {
    const contact = contacts?.fingers[finger] ?? null;
    if (contact) seen.push(finger);
    // Under-hand the fingers do not cross the stick: how far they are from it says nothing.
    if (contact && hold.hand === 'over' && Math.abs(contact.dMm) > STICK_REACH_MM) continue;
    placesMm[finger] = contact?.xMm ?? hold.startingPlacesMm[finger];
  }
  if (hold.hand === 'under') placesMm.web = WEB_FROM_BUTTON_MM - frogFrontMm;
  return { hand: { hold: hold.hand, placesMm }, seen };
}
