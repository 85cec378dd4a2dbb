import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import type { Vec2 } from '@open-palm/core/units';

export type HandPlaces = Record<HandPointName, Vec2>;

/** What a person is taken to do with a guess; all shares of the hand's length. [memory] */
export const PERSON = {
  /** A guess nearer to the joint than this is called right. */
  letsPass: 0.02,
  /** SD of a point that is moved, in each direction. */
  clickSd: 0.005,
};

/** A picture's points after a person has looked at each of them. */
export interface Confirmed {
  /** What counts. */
  points: Partial<HandPlaces>;
  agreed: HandPointName[];
  moved: HandPointName[];
  unseen: HandPointName[];
}

/**
 * A person looks at every guess: what is hidden is called unseen, what is near enough is called right, the rest is moved.
 *
 * @param normal gives the next standard normal number
 */
export function confirm(
  guesses: HandPlaces,
  truth: HandPlaces,
  hidden: readonly HandPointName[],
  handLengthPx: number,
  normal: () => number,
): Confirmed {
  const confirmed: Confirmed = { points: {}, agreed: [], moved: [], unseen: [] };
  for (const name of HAND_POINTS) {
    const guess = guesses[name];
    const at = truth[name];
    if (hidden.includes(name)) {
      confirmed.unseen.push(name);
    } else if (Math.hypot(guess.x - at.x, guess.y - at.y) <= PERSON.letsPass * handLengthPx) {
      confirmed.agreed.push(name);
      confirmed.points[name] = guess;
    } else {
      confirmed.moved.push(name);
      const sd = PERSON.clickSd * handLengthPx;
      confirmed.points[name] = { x: at.x + sd * normal(), y: at.y + sd * normal() };
    }
  }
  return confirmed;
}
