import type { SeenHand } from '../landmarks/lookAt';
import type { Place } from '../picture';
import type { Look } from './eye';

/** How far a touch may lie from where the model sees the joint, in sizes of the hand. [memory] */
const TOUCH_SPREAD = 0.4;
/** How far two looks at one hand may lie apart, in sizes of the hand. [memory] */
const LOOK_SPREAD = 0.12;
const WRIST = 0;
const MIDDLE_MCP = 9;

/** A look, and how much trust all looks that see the same add up to. */
export interface Vote {
  look: Look;
  support: number;
}

/**
 * Of several looks about one place the one that the others bear out most. A model that errs does so differently in every
 * square; a hand that is there looks the same.
 *
 * @param weightOf a further reason to believe a look, 0 to 1
 */
export function mostVotes(
  looks: readonly Look[],
  weightOf: (look: Look) => number = () => 1,
): Vote | null {
  const support = (look: Look) =>
    weightOf(look) *
    looks.reduce((sum, other) => sum + other.trust * likeness(look.hand, other.hand), 0);
  return looks
    .map((look) => ({ look, support: support(look) }))
    .reduce<Vote | null>(
      (best, one) =>
        best === null || one.support * one.look.trust > best.support * best.look.trust ? one : best,
      null,
    );
}

/** How much two looks see the same hand: 1 where all points lie on each other. */
function likeness(a: SeenHand, b: SeenHand): number {
  return Math.exp(-((meanDistance(a, b) / (LOOK_SPREAD * sizeOf(a.points))) ** 2));
}

/** How well a hand's wrist and knuckle agree with where they were touched: 1 on the spot, falling off with distance. */
export function nearness({ points }: SeenHand, wrist: Place, middleMcp: Place): number {
  const off = (from: Place, to: Place) => Math.hypot(from.x - to.x, from.y - to.y);
  const apart = (off(points[WRIST]!, wrist) + off(points[MIDDLE_MCP]!, middleMcp)) / 2;
  return Math.exp(-((apart / (TOUCH_SPREAD * sizeOf(points))) ** 2));
}

/** The longest side of the box around the points. */
function sizeOf(points: readonly Place[]): number {
  const span = (values: number[]) => Math.max(...values) - Math.min(...values);
  return Math.max(span(points.map(({ x }) => x)), span(points.map(({ y }) => y)));
}

function meanDistance(a: SeenHand, b: SeenHand): number {
  const between = (i: number) =>
    Math.hypot(a.points[i]!.x - b.points[i]!.x, a.points[i]!.y - b.points[i]!.y);
  return a.points.reduce((sum, _, i) => sum + between(i), 0) / a.points.length;
}

/** Two palms of one hand lead to points that lie on each other. */
export function isSameHand(a: SeenHand, b: SeenHand): boolean {
  const [wrist, knuckle] = [a.points[WRIST]!, a.points[MIDDLE_MCP]!];
  return meanDistance(a, b) < Math.hypot(wrist.x - knuckle.x, wrist.y - knuckle.y);
}
