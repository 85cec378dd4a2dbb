import type { StrokeCut } from '../cutStrokes';

/** How many frames show a stroke: fewer miss its turns, more are only more to mark. */
export const FRAMES_PER_STROKE = { fewest: 8, most: 12 } as const;

/** Frames are this far apart where a stroke has room for it, s. */
const SPACING_S = 0.2;

/** No more frames than these are looked at: the strokes that come after are left out. */
export const MOST_FRAMES = 96;

/**
 * Times of the frames to be marked: 8 to 12 spread evenly over each stroke, both turns among them.
 *
 * @param looked times at which the hand was already looked for: one of them is taken where it is near enough
 * @returns increasing
 */
export function pickFrames(strokes: readonly StrokeCut[], looked: readonly number[]): number[] {
  const picked: number[] = [];
  for (const { fromS, toS } of strokes) {
    const wanted = Math.round((toS - fromS) / SPACING_S) + 1;
    const count = Math.min(FRAMES_PER_STROKE.most, Math.max(FRAMES_PER_STROKE.fewest, wanted));
    const step = (toS - fromS) / (count - 1);
    if (picked.length + count > MOST_FRAMES) break;
    for (let i = 0; i < count; i += 1) {
      const wish = fromS + i * step;
      const time = nearestWithin(looked, wish, step / 2) ?? wish;
      // A turn is the end of one stroke and the beginning of the next.
      if (picked.length === 0 || time > picked.at(-1)! + step / 4) picked.push(time);
    }
  }
  return picked;
}

function nearestWithin(times: readonly number[], wish: number, reach: number): number | null {
  let best: number | null = null;
  for (const time of times) {
    const isNearer = best === null || Math.abs(time - wish) < Math.abs(best - wish);
    if (Math.abs(time - wish) <= reach && isNearer) best = time;
  }
  return best;
}

/**
 * The order in which a person marks the forearm: a stroke's turns and middle first, then what lies between, stroke after
 * stroke. After the first three there is a curve; each further one makes it surer.
 *
 * @param times of the picked frames
 * @returns their indexes
 */
export function markingOrder(times: readonly number[], strokes: readonly StrokeCut[]): number[] {
  const order: number[] = [];
  const add = (index: number) => {
    if (!order.includes(index)) order.push(index);
  };
  for (const { fromS, toS } of strokes) {
    const within = times.flatMap((time, i) =>
      time >= fromS - 1e-6 && time <= toS + 1e-6 ? [i] : [],
    );
    if (within.length === 0) continue;
    for (const share of [0, 1, 0.5, 0.25, 0.75])
      add(within[Math.round(share * (within.length - 1))]!);
    within.forEach(add);
  }
  return order;
}
