import type { Place } from '../picture';
import { offLine, type Line } from './line';

/** The found hand's points in the order of the hand's names: wrist, thumb's four, then four of each finger. */
export type HandPlaces = readonly Place[];

/** Where the thumb's tip is among them. */
export const THUMB_TIP = 4;

/** How far from the line the thumb's tip may be, SD as a share of the hand's length; with what the finder is off. [memory] */
const THUMB_SD = 0.13;
/** How likely a stick is that so many of the four fingers reach across. [memory] */
const BY_FINGERS = [0, 0.1, 0.45, 0.9, 1];

/** Where the finder went astray, the stick is at least near what it took for the fingers' ends: how likely, and how near, SD. [measured] */
const ASTRAY = 0.12;
const ENDS_SD = 0.3;

/** Length of the hand as it shows: along the middle finger's bones, px. */
function handLengthPx(hand: HandPlaces): number {
  let length = distance(hand[0]!, hand[9]!);
  for (let i = 9; i < 12; i += 1) length += distance(hand[i]!, hand[i + 1]!);
  return length;
}

const distance = (a: Place, b: Place): number => Math.hypot(a.x - b.x, a.y - b.y);

/** How likely a hand that is there holds a stick along a line: its fingers reach across, its thumb's tip is at it. */
export function heldHere(hand: HandPlaces): (line: Line) => number {
  const length = handLengthPx(hand);
  return (line) => {
    const off = (place: Place) => offLine(line, place);
    let across = 0;
    for (let finger = 5; finger < 21; finger += 4) {
      const [knuckle, tip] = [off(hand[finger]!), off(hand[finger + 3]!)];
      const before = off(hand[finger + 2]!);
      // A little beyond the tip: the finder is off by as much.
      const beyond = tip + 0.35 * (tip - before);
      if (knuckle * beyond < 0 || knuckle * tip < 0 || knuckle * before < 0) across += 1;
    }
    const thumb = off(hand[THUMB_TIP]!) / length / THUMB_SD;
    let ends = 0;
    for (let tip = THUMB_TIP; tip < 21; tip += 4) ends += off(hand[tip]!) / 5;
    const near = ends / length / ENDS_SD;
    return Math.max(
      BY_FINGERS[across]! * Math.exp(-0.5 * thumb * thumb),
      ASTRAY * Math.exp(-0.5 * near * near),
    );
  };
}

/** Bones of which some lie in the picture's plane in any view, and their lengths in a hand whose middle finger is 97.2 mm long. [memory] */
const BONES: readonly (readonly [number, number, number])[] = [
  [0, 5, 91.9],
  [0, 9, 91.7],
  [0, 13, 86.7],
  [0, 17, 82.9],
  [5, 6, 45.3],
  [9, 10, 46.9],
  [13, 14, 42.9],
  [17, 18, 34.6],
  [5, 17, 60.7],
];
const MIDDLE_FINGER_MM = 97.2;

/** Pixels a millimetre at the hand: what the bones that show longest say. */
export function pxPerMm(hand: HandPlaces, middleFingerMm: number): number {
  const shares = BONES.map(([a, b, mm]) => distance(hand[a]!, hand[b]!) / mm);
  shares.sort((a, b) => b - a);
  return (shares[1]! * MIDDLE_FINGER_MM) / middleFingerMm;
}
