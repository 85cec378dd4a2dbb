import { minimumJerk, PLAYERS, type SimulatedPlayer } from '@open-palm/core/stroke/testing';
import type { GripTarget } from '../gripTarget';
import { wantedGrip } from '../grips';
import type { HandPose } from '../handPose';
import type { Look } from '../looks';
import { LOOKS } from '../looks';
import { solveGrip } from '../solveGrip';

/** Size and rate of the clips, as a telephone held by a teacher would send them after shrinking. */
export const FILM = { width: 640, height: 480, rateHz: 20 } as const;

/** The wall is behind the student, whom the camera sees from some steps away. */
const WALL_MM = 2700;

/** How long each stroke takes, s; the bow rests before the first and after the last. */
const STROKE_S = 2.3;
const REST_S = 0.4;

/** A student who is filmed while playing whole bows. */
export interface Film {
  name: keyof typeof PLAYERS;
  look: Look;
  strokes: number;
  /** The hand at the heel and at the point. */
  targets: readonly [heel: GripTarget, point: GripTarget];
}

const settled = wantedGrip('violin-shallow').target;

function targetOf({ thumb, little }: SimulatedPlayer, end: 0 | 1): GripTarget {
  const { fingers } = settled;
  return {
    ...settled,
    thumb: { ...settled.thumb, ipDeg: thumb[end], mcpDeg: Math.min(18, thumb[end] / 2) },
    fingers: {
      ...fingers,
      little: { ...fingers.little, pipDeg: little[end], dipDeg: little[end] / 2.5 },
    },
  };
}

const filmOf = (name: keyof typeof PLAYERS, look: Look, strokes: number): Film => ({
  name,
  strokes,
  // Grain is what a clip has least room for; the arm leaves the picture wherever it points.
  look: { ...look, noise: 1.2, sleeveToMm: 900, room: { ...look.room, wallMm: WALL_MM } },
  targets: [targetOf(PLAYERS[name], 0), targetOf(PLAYERS[name], 1)],
});

/** The demo's clips: a supple, a locked and a compensating wrist. */
export const FILMS: readonly Film[] = [
  filmOf('supple', LOOKS[0]!, 4),
  filmOf('locked', LOOKS[1]!, 2),
  filmOf('compensating', LOOKS[3]!, 2),
];

/** Where the bow is at a time, 0 heel to 1 point. */
export function bowPlaceAt({ strokes }: Film, timeS: number): number {
  const playedS = Math.min(strokes * STROKE_S, Math.max(0, timeS - REST_S));
  const stroke = Math.min(strokes - 1, Math.floor(playedS / STROKE_S));
  const share = minimumJerk(playedS / STROKE_S - stroke);
  return stroke % 2 === 0 ? share : 1 - share;
}

/** Times of all frames of a clip, s. */
export const frameTimesS = ({ strokes }: Film): number[] =>
  Array.from(
    { length: Math.round((strokes * STROKE_S + 2 * REST_S) * FILM.rateHz) },
    (_, i) => i / FILM.rateHz,
  );

/** The hand's pose at any place of the bow: between those that were found for heel and point. */
export function posesOf({ targets }: Film): (place: number) => HandPose {
  const [heel, point] = targets.map((target) => solveGrip(target).pose);
  return (place) => between(heel!, point!, place);
}

function between(a: HandPose, b: HandPose, share: number): HandPose {
  const mix = <T extends readonly number[]>(from: T, to: T) =>
    from.map((value, i) => value + (to[i]! - value) * share) as unknown as T;
  return {
    wrist: mix(a.wrist, b.wrist),
    turnDeg: mix(a.turnDeg, b.turnDeg),
    thumb: mix(a.thumb, b.thumb),
    fingers: {
      index: mix(a.fingers.index, b.fingers.index),
      middle: mix(a.fingers.middle, b.fingers.middle),
      ring: mix(a.fingers.ring, b.fingers.ring),
      little: mix(a.fingers.little, b.fingers.little),
    },
  };
}
