import type { SeenHand } from '../landmarks/lookAt';
import type { Place } from '../picture';
import type { Look } from './eye';

/** How far a touch may lie from where the model sees the joint, in sizes of the hand. [memory] */
const TOUCH_SPREAD = 0.4;
/** How far two looks at one hand may lie apart, in sizes of the hand. [memory] */
const LOOK_SPREAD = 0.12;
const WRIST = 0;
const MIDDLE_MCP = 9;

/** The look that several bear out. */
export interface Vote {
  look: Look;
  /** What the trust of all looks that see the same adds up to. */
  support: number;
}

/** How far a look is to be believed by itself: that it sees a hand at all, and one of the side that is looked for. */
export const trust = ({ hand, ofSide }: Look): number => hand.presence * ofSide;

/**
 * Of some looks the one that all bear out most. A model that errs does so differently in every square, and otherwise in the mirror; a hand that is
 * there looks the same.
 *
 * @param all looks that bear them out, themselves among them
 * @param weightOf a further reason to believe a look, 0 to 1
 */
export function mostVotes(
  looks: readonly Look[],
  all: readonly Look[] = looks,
  weightOf: (look: Look) => number = () => 1,
): Vote | null {
  const support = (look: Look) =>
    weightOf(look) *
    all.reduce((sum, other) => sum + trust(other) * likeness(look.hand, other.hand), 0);
  const worth = (vote: Vote) => vote.support * trust(vote.look);
  return looks
    .map((look) => ({ look, support: support(look) }))
    .reduce<Vote | null>(
      (best, one) => (best === null || worth(one) > worth(best) ? one : best),
      null,
    );
}

/** A hand where several looks on the whole see it: the mean of their points, by their trust and how much they see the same. */
export function together(looks: readonly Look[], { hand }: Look): SeenHand {
  const shares = looks.map((look) => trust(look) * likeness(look.hand, hand) ** 2);
  const all = shares.reduce((sum, share) => sum + share, 0);
  const points = hand.points.map((_, i) => ({
    x: looks.reduce((sum, look, k) => sum + shares[k]! * look.hand.points[i]!.x, 0) / all,
    y: looks.reduce((sum, look, k) => sum + shares[k]! * look.hand.points[i]!.y, 0) / all,
  }));
  return { ...hand, points };
}

/** How surely two looks see one and the same hand, 0 to 1: two alike, by their presence. */
export const agreement = (a: Look, b: Look): number =>
  Math.sqrt(a.hand.presence * b.hand.presence) * likeness(a.hand, b.hand);

/** How much two looks see the same hand: 1 where all points lie on each other. */
function likeness(a: SeenHand, b: SeenHand): number {
  const size = Math.max(sizeOf(a.points), sizeOf(b.points));
  return Math.exp(-((meanDistance(a, b) / (LOOK_SPREAD * size)) ** 2));
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

/** Whether two looks that are believed are at one hand. */
export function isSameHand(a: SeenHand, b: SeenHand): boolean {
  const [wrist, knuckle] = [a.points[WRIST]!, a.points[MIDDLE_MCP]!];
  return meanDistance(a, b) < Math.hypot(wrist.x - knuckle.x, wrist.y - knuckle.y);
}
