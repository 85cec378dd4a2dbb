import { DIGITS, type Digit } from '../pose/digits';
import type { PosedHand } from '../pose/posedHand';
import { partOfDigit } from './handSurface';
import type { Buffer } from './raster';
import { CLOSE_PER_MM, project, type Sight } from './sight';

/** Where a digit touches the bow as a picture shows it, tenths of a millimetre. */
export interface ContactMark {
  x: number;
  y: number;
  /** Whether something else lies before it. */
  isBehind: boolean;
}

/** A bone further from the stick's surface than this touches it with nothing, mm: the thickest finger pads. [memory] */
const FLESH_MM = 14;

/** The contacts of the five digits. */
export function contactMarks(
  { points }: PosedHand,
  depths: Record<Digit, number>,
  sight: Sight,
  hand: Buffer,
  bowNear: Float32Array | null,
  stickRadiusMm: number,
): Record<Digit, ContactMark> {
  const marks = DIGITS.map((digit, i) => {
    const u = Math.max(0, Math.min(2.99, depths[digit]));
    const bone = 2 - Math.floor(u);
    const share = 3 - bone - u;
    const from = 3 * (1 + 4 * i + bone);
    const place = Float64Array.from(
      [0, 1, 2],
      (k) => points[from + k]! + share * (points[from + 3 + k]! - points[from + k]!),
    );
    // Whether the digit is seen there is asked of its middle: a tip on top of the stick is, and what it touches is not.
    const [middleX, middleY] = project(sight, place);
    const away = Math.hypot(place[1]!, place[2]!);
    if (away > stickRadiusMm && away < stickRadiusMm + FLESH_MM) {
      // Between the bone and the stick's axis lies the skin that touches.
      place[1]! *= stickRadiusMm / away;
      place[2]! *= stickRadiusMm / away;
    }
    const [x, y] = project(sight, place);
    return [
      digit,
      {
        x: Math.round(x! * CLOSE_PER_MM),
        y: Math.round(y! * CLOSE_PER_MM),
        isBehind: isBehind(hand, bowNear, digit, middleX!, middleY!),
      },
    ];
  });
  return Object.fromEntries(marks) as Record<Digit, ContactMark>;
}

/** The joint whose bend tells most of a digit: the third of its four points of a thumb, the second of a finger. */
const TELLING: Record<Digit, number> = { thumb: 2, index: 1, middle: 1, ring: 1, little: 1 };

/** The joints whose bends tell most. */
export function bendMarks(
  { points }: PosedHand,
  sight: Sight,
  hand: Buffer,
  bowNear: Float32Array | null,
): Record<Digit, ContactMark> {
  const marks = DIGITS.map((digit, i) => {
    const at = 3 * (1 + 4 * i + TELLING[digit]);
    const [x, y] = project(sight, points.slice(at, at + 3)) as unknown as [number, number];
    const place = { x: Math.round(x * CLOSE_PER_MM), y: Math.round(y * CLOSE_PER_MM) };
    return [digit, { ...place, isBehind: isBehind(hand, bowNear, digit, x, y) }];
  });
  return Object.fromEntries(marks) as Record<Digit, ContactMark>;
}

function isBehind(
  { width, height, dotMm, paddingMm, part, near }: Buffer,
  bowNear: Float32Array | null,
  digit: Digit,
  x: number,
  y: number,
): boolean {
  const [px, py] = [x, y].map((mm) => Math.floor((mm + paddingMm) / dotMm)) as [number, number];
  if (px < 0 || py < 0 || px >= width || py >= height) return true;
  const dot = py * width + px;
  // The buffer's parts are one more than the surface's.
  if (part[dot] !== partOfDigit(digit) + 1) return true;
  return bowNear !== null && bowNear[dot]! > near[dot]!;
}
