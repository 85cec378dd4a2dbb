import { BOW_POINTS, type BowPointName } from '../bow';
import { HAND_POINTS, type HandPointName } from '../hand';
import type { KnownLength } from '../units';
import { PLACES, type Place } from './measureIds';
import type { Side, View } from './view';

export type PointName = HandPointName | BowPointName;

export const POINT_NAMES: readonly PointName[] = [...HAND_POINTS, ...BOW_POINTS];

/** A marked point: pixels, y down; `sigma` is the SD of its place in each direction, px. */
export interface MarkedPoint {
  x: number;
  y: number;
  sigma: number;
}

/** One picture of a hold with its points. What was not seen is absent, never guessed. Un-mirrored. */
export interface Capture {
  view: View;
  side: Side;
  image: { width: number; height: number };
  points: Partial<Record<PointName, MarkedPoint>>;
  frogLength: KnownLength;
}

/** When in a lesson and where in the bow the hold was looked at. */
export const CONTEXTS = [
  'supported',
  'free',
  'heel',
  'middle',
  'point',
  'playing-start',
  'playing-end',
  /** Seen in passing while a whole group plays: one glance, with more doubt than a look. */
  'row',
] as const;

export type Context = (typeof CONTEXTS)[number];

/** Contexts in which one student is looked at: the row is walked, not chosen. */
export const LOOK_CONTEXTS = CONTEXTS.filter((context) => context !== 'row');

/**
 * The place in the bow that a context names, if it names one.
 *
 * @example placeOf('heel') // 'heel'
 */
export const placeOf = (context: Context | undefined): Place | null =>
  PLACES.find((place) => place === context) ?? null;
