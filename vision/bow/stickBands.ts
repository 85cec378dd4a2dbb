import type { Edges } from './edges';
import { isSameLine, type Band, type Line } from './line';

/** Lines are looked for at every degree. */
const TURNS = 180;
/** How far an edge may be turned from the line that it speaks for, in degrees. [memory] */
const TURN_REACH = 3;
/** Less edge than this is no line: strength times length. [measured] */
const LEAST_VOTES = 150;

const SIN = Array.from({ length: TURNS }, (_, i) => Math.sin((i * Math.PI) / 180));
const COS = Array.from({ length: TURNS }, (_, i) => Math.cos((i * Math.PI) / 180));

/** What is looked for: how wide the stick may show, px, and how likely the hand holds one along a line, 0 to 1. */
export interface Wanted {
  widths: { least: number; most: number };
  likely: (line: Line) => number;
}

/**
 * The bands of a picture that look most like a stick: two parallel edges as far apart as a stick is thick, darker between than beside,
 * where a hand that holds it would have it. Edges vote for the lines along them (Hough's transform), either side for itself.
 *
 * @param howMany at most; the likeliest first
 */
export function stickBands(
  edges: Edges,
  size: { width: number; height: number },
  { widths, likely }: Wanted,
  howMany: number,
): Band[] {
  const reach = Math.ceil(Math.hypot(size.width, size.height));
  const bins = 2 * reach + 1;
  const { darker, lighter } = votesOf(edges, reach, bins);
  const voted: (Band & { votes: number })[] = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    const row = turn * bins;
    for (let bin = 2; bin < bins - widths.most - 2; bin += 1) {
      const first = darker[row + bin]!;
      if (first < LEAST_VOTES) continue;
      let votes = 0;
      let widthPx = 0;
      for (let w = Math.ceil(widths.least); w <= widths.most; w += 1) {
        const second = lighter[row + bin + w]!;
        if (second < LEAST_VOTES) continue;
        const both = (Math.min(first, second) + 0.25 * Math.max(first, second)) * Math.sqrt(w);
        if (both <= votes) continue;
        votes = both;
        widthPx = w;
      }
      if (votes === 0) continue;
      voted.push({
        theta: (turn * Math.PI) / 180,
        rho: bin + widthPx / 2 - reach,
        widthPx,
        votes,
      });
    }
  }
  const chosen: Band[] = [];
  while (chosen.length < howMany) {
    const next = mostLikely(voted, (line) =>
      chosen.some((other) => isSameLine(other, line, other.widthPx)) ? 0 : likely(line),
    );
    if (!next) break;
    chosen.push(next);
  }
  return chosen;
}

/** For every line, how much edge it has where it gets darker along its normal, and where lighter; a line takes its neighbours' too. */
function votesOf(edges: Edges, reach: number, bins: number) {
  const darker = new Float32Array(TURNS * bins);
  const lighter = new Float32Array(TURNS * bins);
  for (let k = 0; k < edges.count; k += 1) {
    const x = edges.x[k]!;
    const y = edges.y[k]!;
    const towardX = edges.towardX[k]!;
    const towardY = edges.towardY[k]!;
    const own = Math.round((Math.atan2(towardY, towardX) * 180) / Math.PI) + 3 * TURNS - 90;
    for (let turned = own - TURN_REACH; turned <= own + TURN_REACH; turned += 1) {
      const turn = turned % TURNS;
      const sin = SIN[turn]!;
      const cos = COS[turn]!;
      const at = turn * bins + Math.round(cos * y - sin * x) + reach;
      (cos * towardY - sin * towardX > 0 ? lighter : darker)[at]! += edges.strength[k]!;
    }
  }
  return { darker: threeOf(darker), lighter: threeOf(lighter) };
}

function threeOf(votes: Float32Array): Float32Array {
  const out = new Float32Array(votes.length);
  for (let i = 1; i < votes.length - 1; i += 1) out[i] = votes[i - 1]! + votes[i]! + votes[i + 1]!;
  return out;
}

function mostLikely(
  voted: readonly (Band & { votes: number })[],
  likely: (line: Line) => number,
): Band | null {
  let best: Band | null = null;
  let most = 0;
  for (const band of voted) {
    if (band.votes <= most) continue;
    const score = band.votes * likely(band);
    if (score > most) [best, most] = [band, score];
  }
  return best;
}
