import type { Place } from '../picture';
import type { Palm } from '../palm/decodePalms';
import { shifted, toPicture, toRegion, uprightAngle, type Region } from '../region';

/** How much larger than the palm's box the square around the whole hand is, and how far it moves toward the fingers. [memory] */
const PALM_SCALE = 2.6;
const PALM_SHIFT = 0.5;
/** The same for the box around the points of a first look. [memory] */
const POINTS_SCALE = 2;
const POINTS_SHIFT = 0.1;
/** From two touches: the square's middle lies this far along, its size is this often their distance. [memory] */
const TAPS_ALONG = 0.95;
const TAPS_SCALE = 2.7;

/**
 * The square in which a palm's hand is looked for, its fingers upward.
 *
 * @param frame what the palm model was shown
 */
export function regionOfPalm(palm: Palm, frame: Region): Region {
  const place = (at: Place) => toPicture(frame, at);
  const angle = uprightAngle(place(palm.wrist), place(palm.middleMcp));
  const side = Math.max(palm.width, palm.height) * frame.size;
  const box: Region = { ...place(palm), size: side, angle };
  const along = (palm.height * frame.size) / side;
  return { ...shifted(box, 0, PALM_SHIFT * along), size: side * PALM_SCALE };
}

/** The square from where a person says that the wrist and the middle finger's knuckle are. */
export function regionOfTaps(wrist: Place, middleMcp: Place): Region {
  return {
    x: wrist.x + TAPS_ALONG * (middleMcp.x - wrist.x),
    y: wrist.y + TAPS_ALONG * (middleMcp.y - wrist.y),
    size: TAPS_SCALE * Math.hypot(middleMcp.x - wrist.x, middleMcp.y - wrist.y),
    angle: uprightAngle(wrist, middleMcp),
  };
}

const WRIST = 0;
/** Wrist, the thumb's and the fingers' lower joints: what tells how large the hand is, however the fingers bend. */
const PALM_POINTS = [0, 1, 2, 3, 5, 6, 9, 10, 13, 14, 17, 18];
const INDEX_PIP = 6;
const MIDDLE_PIP = 10;
const RING_PIP = 14;

/**
 * The square for a second, closer look, from the points of the first.
 *
 * @param points 21, in the picture
 */
export function regionOfPoints(points: readonly Place[]): Region {
  const at = (index: number) => points[index]!;
  const ahead = {
    x: (at(INDEX_PIP).x + at(RING_PIP).x + 2 * at(MIDDLE_PIP).x) / 4,
    y: (at(INDEX_PIP).y + at(RING_PIP).y + 2 * at(MIDDLE_PIP).y) / 4,
  };
  const angle = uprightAngle(at(WRIST), ahead);
  const frame: Region = { x: 0, y: 0, size: 1, angle };
  const turned = PALM_POINTS.map((index) => toRegion(frame, at(index)));
  const xs = turned.map(({ x }) => x);
  const ys = turned.map(({ y }) => y);
  const [left, right, top, bottom] = [
    Math.min(...xs),
    Math.max(...xs),
    Math.min(...ys),
    Math.max(...ys),
  ];
  const middle = toPicture(frame, { x: (left + right) / 2, y: (top + bottom) / 2 });
  const side = Math.max(right - left, bottom - top);
  const box: Region = { ...middle, size: side, angle };
  const along = (bottom - top) / side;
  return { ...shifted(box, 0, POINTS_SHIFT * along), size: side * POINTS_SCALE };
}
