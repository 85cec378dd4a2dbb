import type { EvenFrames } from './evenFrames';

/** From heel to point is a down-bow; `null` where the bow's place is not known. */
export type StrokeDirection = 'down' | 'up' | null;

/** One stroke of a take, s. */
export interface StrokeCut {
  fromS: number;
  toS: number;
  direction: StrokeDirection;
}

/** A turn counts when what turns comes back at least so far: a share of the whole way, at least so much. [memory] */
const TURN = { share: 0.3, bowPlace: 0.08, wristDeg: 5 };

/** A stroke shorter than this is a tremble, s. [memory] */
const SHORTEST_S = 0.12;

/**
 * Cuts a take at the turns of the bow: by its place where that is known, else by the wrist, which turns with it.
 *
 * @returns at least one stroke: the whole take where nothing turns
 */
export function cutStrokes({ timesS, channels }: EvenFrames): StrokeCut[] {
  const byPlace = channels.bowPlace?.some((value) => value !== null) ?? false;
  const values = byPlace ? channels.bowPlace! : (channels.wristFlexion ?? channels.bowSkew ?? []);
  const least = byPlace ? TURN.bowPlace : TURN.wristDeg;
  const turns = turnsOf(values, least);
  const ends = [
    firstKnown(values),
    ...turns,
    values.length - 1 - firstKnown([...values].reverse()),
  ];
  return ends.slice(1).flatMap((to, i) => {
    const from = ends[i]!;
    const [fromS, toS] = [timesS[from]!, timesS[to]!];
    if (toS - fromS < SHORTEST_S && ends.length > 2) return [];
    const way = (values[to] ?? 0) - (values[from] ?? 0);
    const direction: StrokeDirection = byPlace ? (way >= 0 ? 'down' : 'up') : null;
    return [{ fromS, toS, direction }];
  });
}

const firstKnown = (values: readonly (number | null)[]): number =>
  Math.max(
    0,
    values.findIndex((value) => value !== null),
  );

/** Frames in which something turns, and comes back far enough for it to be no tremble. */
function turnsOf(values: readonly (number | null)[], least: number): number[] {
  const known = values.flatMap((value, frame) => (value === null ? [] : [{ value, frame }]));
  const all = known.map(({ value }) => value);
  const needed = Math.max(least, TURN.share * (Math.max(...all) - Math.min(...all)));
  const turns: number[] = [];
  let extreme = known[0];
  let heading = 0;
  for (const point of known) {
    if (!extreme) break;
    const way = point.value - extreme.value;
    if (heading === 0) {
      // Before the first way is clear, both ends are possible.
      if (Math.abs(way) >= needed) [heading, extreme] = [Math.sign(way), point];
      continue;
    }
    if (way * heading >= 0) extreme = point;
    else if (Math.abs(way) >= needed) {
      turns.push(extreme.frame);
      [heading, extreme] = [-heading, point];
    }
  }
  return turns;
}
