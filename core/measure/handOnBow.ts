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
 * @param hold adapted to the student; it stands in for what was not seen along the stick
 * @param frogFrontMm of the bow, from the button's end
 */
export function handOnBow(
  hold: Hold,
  contacts: GripContacts | null,
  frogFrontMm: number,
): StartingHand {
  const seenThumb = contacts?.thumbXMm ?? null;
  const seen: (Finger | 'thumb')[] = seenThumb === null ? [] : ['thumb'];
  const placesMm: HandOnBow['placesMm'] = { thumb: seenThumb ?? hold.startingPlacesMm.thumb };
  for (const finger of FINGERS) {
    const contact = contacts?.fingers[finger] ?? null;
    // Under-hand the fingers do not cross the stick: how far they are from it says nothing.
    const isOff = contact && hold.hand === 'over' && Math.abs(contact.dMm) > STICK_REACH_MM;
    if (contact && (isOff || !contact.onlyDepth)) seen.push(finger);
    if (isOff) continue;
    placesMm[finger] = contact && !contact.onlyDepth ? contact.xMm : hold.startingPlacesMm[finger];
  }
  makeRoom(placesMm, seen);
  if (hold.hand === 'under') placesMm.web = WEB_FROM_BUTTON_MM - frogFrontMm;
  return { hand: { hold: hold.hand, placesMm }, seen };
}

/** Fingers side by side are about this far apart along the stick, mm. [memory] */
const FINGER_APART_MM = 9;

/** Moves the fingers that were not seen out of the way of those that were: index before middle, ring and little. */
function makeRoom(placesMm: HandOnBow['placesMm'], seen: readonly (Finger | 'thumb')[]): void {
  const there = FINGERS.filter((finger) => placesMm[finger] !== undefined);
  const isSeen = (finger: Finger) => seen.includes(finger);
  for (const [i, finger] of there.entries()) {
    if (isSeen(finger)) continue;
    const ahead = there.slice(0, i).filter(isSeen).at(-1);
    const behind = there.slice(i + 1).find(isSeen);
    const ranks = (other: Finger) => Math.abs(FINGERS.indexOf(other) - FINGERS.indexOf(finger));
    const most = ahead ? placesMm[ahead]! - ranks(ahead) * FINGER_APART_MM : Infinity;
    const least = behind ? placesMm[behind]! + ranks(behind) * FINGER_APART_MM : -Infinity;
    placesMm[finger] =
      ahead && behind && least > most
        ? // No room for whole fingers: evenly between the two.
          (placesMm[ahead]! * ranks(behind) + placesMm[behind]! * ranks(ahead)) /
          (ranks(ahead) + ranks(behind))
        : Math.min(most, Math.max(least, placesMm[finger]!));
  }
}
