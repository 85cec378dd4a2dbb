import { twoSidedZ } from '../stats';
import { ROW_NUMBERS } from './rowData';

/** How well an eye sees: of those who show a fault and of those who do not, the share that it tells rightly. */
export interface Eye {
  seesFault: number;
  seesFine: number;
}

/** An eye that is never wrong. */
export const PERFECT_EYE: Eye = { seesFault: 1, seesFine: 1 };

/** How many were looked at, and of how many it was said that they show it. */
export interface Counted {
  shown: number;
  seen: number;
  /** How many there are in all; Infinity for a room without end. */
  room: number;
}

/** The share of a room that shows something, 0 to 1: the likeliest, and the ends of its interval. */
export interface RoomShare {
  share: number;
  low: number;
  high: number;
}

/**
 * Which share of a room shows something, when some of it were looked at, each once, by an eye that may be wrong.
 *
 * The interval holds every share P at which so many marks are no surprise: the score interval of Wilson (1927), whose normal
 * approximation takes the variance at P itself, with two things put into mean and variance. An eye that tells a fault with probability
 * s and its absence with t marks each player with q = P·s + (1 − P)·(1 − t). And of a room of N of whom n were looked at, those seen
 * cannot differ from the room by more than the finite population allows, f = (N − n)/(N − 1):
 *
 *     (p̂ − q)² ≤ z²/n · [ f·(s + t − 1)²·P(1 − P) + P·s(1 − s) + (1 − P)·t(1 − t) ]
 *
 * With s = t = 1 and no end to the room it is Wilson's own. Both sides are quadratic in P, so its ends are the roots of one equation.
 *
 * @param confidence of the interval, by default that of the row
 * @returns from 0 to 1 where nobody was looked at
 * @throws RangeError where more are shown than seen, or more seen than there are
 * @example roomShare({ shown: 81, seen: 263, room: Infinity }, PERFECT_EYE, 0.95).low // 0.2553
 */
export function roomShare(
  { shown, seen, room }: Counted,
  eye: Eye = ROW_NUMBERS.eye,
  confidence: number = ROW_NUMBERS.confidence,
): RoomShare {
  if (shown < 0 || shown > seen || seen > room) {
    throw new RangeError(`${shown} of ${seen} seen of ${room} cannot be.`);
  }
  if (seen === 0) return { share: 0.5, low: 0, high: 1 };
  const { seesFault: s, seesFine: t } = eye;
  const told = s + t - 1;
  const beyond = shown / seen - (1 - t);
  const finite = room === Infinity ? 1 : room === 1 ? 0 : (room - seen) / (room - 1);
  const c = twoSidedZ(confidence) ** 2 / seen;
  const [missed, invented] = [s * (1 - s), t * (1 - t)];
  const a = told ** 2 * (1 + c * finite);
  const b = -(2 * told * beyond + c * finite * told ** 2 + c * (missed - invented));
  const free = beyond ** 2 - c * invented;
  const share = within(beyond / told);
  const root = Math.sqrt(Math.max(0, b * b - 4 * a * free));
  return {
    share,
    low: Math.min(share, within((-b - root) / (2 * a))),
    high: Math.max(share, within((-b + root) / (2 * a))),
  };
}

const within = (share: number): number => Math.min(1, Math.max(0, share));

/** How many of a room show something, as whole persons: never fewer at an end than the interval says, never more surely than it may be. */
export interface RoomCount {
  likely: number;
  least: number;
  most: number;
}

/**
 * The same as a number of persons, its ends drawn outward to whole ones.
 *
 * @example roomCount({ shown: 9, seen: 12, room: 22 }) // { likely: 19, least: 13, most: 22 }
 */
export function roomCount(counted: Counted, eye?: Eye, confidence?: number): RoomCount {
  const { share, low, high } = roomShare(counted, eye, confidence);
  const { room } = counted;
  return {
    likely: Math.round(share * room),
    least: Math.floor(low * room + ROUNDING),
    most: Math.ceil(high * room - ROUNDING),
  };
}

/** What the arithmetic leaves. */
const ROUNDING = 1e-9;
