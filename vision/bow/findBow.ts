import { halved, type Picture, type Place } from '../picture';
import type { BowFacts } from './bowFacts';
import { candidates, fitOf, WITH_LEATHER, type Candidate } from './candidates';
import type { HandPlaces } from './heldHere';
import { isSameLine } from './line';
import { stickInPicture, thumbAlong } from './stickInPicture';

export type { BowFacts };

/** A bow as it is guessed to lie in a picture, px: two places on its axis, and where the frog shows its two ends. */
export interface SeenBow {
  stickHandEnd: Place;
  stickTipEnd: Place;
  frog: { front: Place; back: Place } | null;
}

/** Pictures are looked at this small: the longer side is halved until it is at most this, px. */
const LONGEST_PX = 900;

/**
 * Looks for the bow that a found hand holds: a stick where its fingers reach across, and at it the frog's dark body. By classic means alone:
 * edges, their parallel pairs, and the dark between.
 *
 * @param hand the found hand's 21 points, px
 * @returns null where nothing is sure enough to be offered
 */
export function findBow(picture: Picture, hand: HandPlaces, facts: BowFacts): SeenBow | null {
  let small = picture;
  while (Math.max(small.width, small.height) > LONGEST_PX) small = halved(small);
  const scale = small.width / picture.width;
  const places = hand.map(({ x, y }) => ({ x: x * scale, y: y * scale }));
  const found = best(candidates(small, places, facts), facts);
  if (!found) return null;
  const seen = seenBow(small, places, facts, found);
  const outward = (at: Place): Place => ({ x: at.x / scale, y: at.y / scale });
  return {
    stickHandEnd: outward(seen.stickHandEnd),
    stickTipEnd: outward(seen.stickTipEnd),
    frog: seen.frog && { front: outward(seen.frog.front), back: outward(seen.frog.back) },
  };
}

/** Axes nearer than this share of the stick's width are one. [measured] */
const SAME_SHARE = 0.25;
/** What must be true of a guess that is offered; of a rival, the most of the score. [measured] */
const SURE = { clear: 0.5, fit: 0.12, dark: 35, rival: 0.8, rivalWithFrog: 0.97, alone: 20 };

const isSureFrog = ({ axis, frog }: Candidate, facts: BowFacts): boolean =>
  frog !== null &&
  frog.isConfirmed &&
  frog.clear >= SURE.clear &&
  Math.abs(fitOf(axis, frog, facts)) <= SURE.fit;

/** The likeliest of all, where it is sure enough. */
function best(all: readonly Candidate[], facts: BowFacts): Candidate | null {
  const first = all[0];
  if (!first || first.dark < SURE.dark || first.axis.stretches < SURE.alone) return null;
  const { axis, score, frog } = first;
  if (facts.sight !== 'behind' && !isSureFrog(first, facts)) return null;
  const rival = all.find((other) => !isSameLine(axis, other.axis, axis.widthPx * SAME_SHARE));
  // A frog of the right size at it says much against a rival.
  const most = frog ? SURE.rivalWithFrog : SURE.rival;
  return rival && rival.score > most * score ? null : first;
}

/** How far along the stick its two marks lie: behind the frog, and before the hand, mm. */
const HAND_END_MM = 1;
const TIP_END_MM = 85;
/** Where across the stick the frog's ends are marked, in widths of the stick toward the hair. */
const MARK = { beside: 1.1, below: 0.55, behind: 0 };

function seenBow(
  picture: Picture,
  hand: HandPlaces,
  facts: BowFacts,
  { axis, frog }: Candidate,
): SeenBow {
  const stick = stickInPicture(axis, hand, facts);
  const at = (u: number, v = 0): Place => ({
    x: stick.origin.x + stick.toTip.x * u + stick.toHair.x * v,
    y: stick.origin.y + stick.toTip.y * u + stick.toHair.y * v,
  });
  const inside = (from: number, to: number): Place => {
    // No further than the picture goes.
    let u = to;
    while (!isInside(picture, at(u)) && Math.abs(u - from) > 1) u -= Math.sign(to - from);
    return at(u);
  };
  const thumb = thumbAlong(stick, hand);
  const { sizes } = facts;
  if (!frog) {
    const scale = axis.widthPx / (sizes.stickMm * WITH_LEATHER);
    return {
      stickHandEnd: inside(thumb, thumb - sizes.frogLengthMm * scale),
      stickTipEnd: inside(thumb, thumb + TIP_END_MM * scale),
      frog: null,
    };
  }
  const v = axis.widthPx * MARK[facts.sight];
  return {
    stickHandEnd: inside(frog.frontPx, frog.backPx - HAND_END_MM * frog.pxPerMm),
    stickTipEnd: inside(frog.frontPx, frog.frontPx + TIP_END_MM * frog.pxPerMm),
    frog: { front: at(frog.frontPx, v), back: at(frog.backPx, v) },
  };
}

const MARGIN_PX = 4;

const isInside = ({ width, height }: Picture, { x, y }: Place): boolean =>
  x >= MARGIN_PX && y >= MARGIN_PX && x <= width - MARGIN_PX && y <= height - MARGIN_PX;
