import { HAND_POINTS, type HandFacts, type HandPointName } from '../hand';
import type { Capture, PointName, View } from '../measure';

/** A point of a picture as the fit reads it: always as of a right hand, y down. */
export interface SeenPoint {
  /** Its place among the 21 points. */
  point: number;
  name: HandPointName;
  x: number;
  y: number;
  sigma: number;
}

export interface SeenMark {
  x: number;
  y: number;
  sigma: number;
}

/** One picture as the fit reads it. */
export interface SeenPicture {
  view: View;
  width: number;
  height: number;
  points: readonly SeenPoint[];
  bow: Record<'stickHandEnd' | 'stickTipEnd' | 'frogFront' | 'frogBack', SeenMark>;
  frogLengthMm: number;
}

/** What is known of hand and hold whatever the pictures show. */
export interface FitFacts {
  hand: HandFacts;
  /** Over the stick, or under the frog. */
  holds: 'over' | 'under';
  /** How far from the stick's axis the thumb's tip rests, mm; null where it rests elsewhere. */
  thumbTipMm: number | null;
}

const BOW_MARKS = ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack'] as const;

/** Doubt of a mark on the bow that is left out, as a share of the picture's width: it says nothing any more. */
const ANYWHERE_SHARE = 10;

/** The points of a picture that a fit needs besides those of the hand. */
export const missingBowMarks = (capture: Capture): PointName[] =>
  BOW_MARKS.filter((name) => !capture.points[name]);

/**
 * A picture as the fit reads it. A left hand is read in the mirror, so that every hand is a right one.
 *
 * @param capture with all four marks on the bow
 * @param without points to leave out
 */
export function seenPicture(
  capture: Capture,
  without: readonly PointName[] = [],
  mirrored = false,
): SeenPicture {
  const { width, height } = capture.image;
  const turned = (capture.side === 'left') !== mirrored;
  const read = ({ x, y, sigma }: SeenMark): SeenMark => ({
    x: turned ? width - x : x,
    y,
    sigma,
  });
  const points = HAND_POINTS.flatMap((name, point) => {
    const marked = capture.points[name];
    return marked && !without.includes(name) ? [{ point, name, ...read(marked) }] : [];
  });
  const mark = (name: (typeof BOW_MARKS)[number]) => {
    const at = read(capture.points[name]!);
    return without.includes(name) ? { ...at, sigma: ANYWHERE_SHARE * width } : at;
  };
  return {
    view: capture.view,
    width,
    height,
    points,
    bow: {
      stickHandEnd: mark('stickHandEnd'),
      stickTipEnd: mark('stickTipEnd'),
      frogFront: mark('frogFront'),
      frogBack: mark('frogBack'),
    },
    frogLengthMm: capture.frogLength.mm,
  };
}
