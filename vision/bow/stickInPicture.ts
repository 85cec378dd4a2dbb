import type { Place } from '../picture';
import type { BowFacts } from './bowFacts';
import { THUMB_TIP, type HandPlaces } from './heldHere';
import { normalOf, type Band } from './line';

/** The stick as it lies in a picture: a place on its axis, the way to the tip and to the hair, how wide it shows. */
export interface StickInPicture {
  origin: Place;
  toTip: Place;
  toHair: Place;
  widthPx: number;
}

const INDEX = 5;
const LITTLE = 17;

/** The stick with its two ways: the index is nearer the tip than the little finger. */
export function stickInPicture(
  { theta, rho, widthPx }: Band,
  hand: HandPlaces,
  { hairIsClockwise }: BowFacts,
): StickInPicture {
  const [index, little] = [INDEX, LITTLE].map((from) => meanOf(hand.slice(from, from + 4)));
  const [c, s] = [Math.cos(theta), Math.sin(theta)];
  const sign = (index!.x - little!.x) * c + (index!.y - little!.y) * s < 0 ? -1 : 1;
  const toTip = { x: sign * c, y: sign * s };
  const n = normalOf(theta);
  return {
    origin: { x: n.x * rho, y: n.y * rho },
    toTip,
    toHair: { x: -toTip.y * hairIsClockwise, y: toTip.x * hairIsClockwise },
    widthPx,
  };
}

/** How far along the stick a place is, from its origin toward the tip, px. */
export const along = ({ origin, toTip }: StickInPicture, at: Place): number =>
  (at.x - origin.x) * toTip.x + (at.y - origin.y) * toTip.y;

/** Where along the stick the found thumb's tip is, px. */
export const thumbAlong = (stick: StickInPicture, hand: HandPlaces): number =>
  along(stick, hand[THUMB_TIP]!);

const meanOf = (places: HandPlaces): Place => ({
  x: places.reduce((sum, { x }) => sum + x, 0) / places.length,
  y: places.reduce((sum, { y }) => sum + y, 0) / places.length,
});
