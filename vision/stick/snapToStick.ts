import type { Picture, Place } from '../picture';

/** How far from a touch the stick is looked for, as a share of the picture's longer side. [memory] */
const REACH_SHARE = 0.022;
/** How wide a stick shows, as a share of the picture's longer side: the whole arm's picture to a close one. [memory] */
const WIDTH_SHARES = { least: 0.005, most: 0.06 };
/** Half the length along the stick over which the profile is averaged, px. */
const HALF_LENGTH_PX = 6;
/** The least step of lightness that counts as an edge, of 255. [memory] */
const LEAST_STEP = 14;

/**
 * The stick's middle near to where it was touched: along a line across the stick, midway between the two edges, one
 * from light to dark and one back, that are strong and close to the touch.
 *
 * @param at the touch
 * @param along a second place on the stick, which tells its direction
 * @returns null when no two edges are near
 */
export function snapToStick(picture: Picture, at: Place, along: Place): Place | null {
  const length = Math.hypot(along.x - at.x, along.y - at.y);
  if (length === 0) return null;
  const direction = { x: (along.x - at.x) / length, y: (along.y - at.y) / length };
  const across = { x: -direction.y, y: direction.x };
  const longer = Math.max(picture.width, picture.height);
  const reach = Math.ceil(REACH_SHARE * longer);
  const most = Math.ceil(WIDTH_SHARES.most * longer);
  const half = reach + most;
  const profile = Array.from({ length: 2 * half + 1 }, (_, i) =>
    lightnessAcross(picture, at, across, direction, i - half),
  );
  const middle = bestMiddle(profile, half, reach, WIDTH_SHARES.least * longer, most);
  return middle === null ? null : { x: at.x + across.x * middle, y: at.y + across.y * middle };
}

/** How far from the touch the middle between the best two edges lies, px; null when there are none. */
function bestMiddle(
  profile: readonly number[],
  half: number,
  reach: number,
  least: number,
  most: number,
): number | null {
  const edges = edgesOf(profile);
  let best: { score: number; middle: number } | null = null;
  for (const a of edges) {
    for (const b of edges) {
      const width = b.at - a.at;
      if (width < least || width > most || Math.sign(a.step) === Math.sign(b.step)) continue;
      const middle = (a.at + b.at) / 2 - half;
      if (Math.abs(middle) > reach) continue;
      // The wider of two equally strong pairs: a gleam along the stick has edges of its own.
      const strength = Math.min(Math.abs(a.step), Math.abs(b.step)) * Math.sqrt(width);
      const score = strength * (1 - (0.5 * Math.abs(middle)) / reach);
      if (best === null || score > best.score) best = { score, middle };
    }
  }
  return best && best.middle;
}

interface Edge {
  at: number;
  step: number;
}

/** The places where lightness changes most, to a part of a pixel. */
function edgesOf(profile: readonly number[]): Edge[] {
  const steps = profile.map((_, i) => (profile[i + 1] ?? NaN) - (profile[i - 1] ?? NaN));
  const edges: Edge[] = [];
  for (let i = 2; i < profile.length - 2; i += 1) {
    const [before, here, after] = [i - 1, i, i + 1].map((n) => Math.abs(steps[n]!));
    if (here! < LEAST_STEP || here! < before! || here! <= after!) continue;
    const bend = before! - 2 * here! + after!;
    edges.push({ at: i + (bend === 0 ? 0 : (before! - after!) / (2 * bend)), step: steps[i]! });
  }
  return edges;
}

/** Mean lightness of a short stretch along the stick, at a distance across it from the touch. */
function lightnessAcross(
  picture: Picture,
  at: Place,
  across: Place,
  direction: Place,
  distance: number,
): number {
  let sum = 0;
  for (let k = -HALF_LENGTH_PX; k <= HALF_LENGTH_PX; k += 1) {
    const x = at.x + across.x * distance + direction.x * k;
    const y = at.y + across.y * distance + direction.y * k;
    sum += lightness(picture, x, y);
  }
  return sum / (2 * HALF_LENGTH_PX + 1);
}

function lightness({ width, height, data }: Picture, x: number, y: number): number {
  const px = Math.min(width - 1, Math.max(0, Math.round(x)));
  const py = Math.min(height - 1, Math.max(0, Math.round(y)));
  const from = (py * width + px) * 4;
  return 0.299 * data[from]! + 0.587 * data[from + 1]! + 0.114 * data[from + 2]!;
}
