import { describeIssue } from '@open-palm/contract';
import type { KnownLength, Vec2 } from '@open-palm/core/units';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import {
  findCaptureIssues,
  looksMirrored,
  measureCapture,
  type Breakdown,
  type Capture,
  type Context,
  type PointName,
  type Side,
  type View,
} from '@open-palm/core/measure';
import type { Size } from '../../../pictures/viewport';

/** SD of a mark set with the magnifier, as a share of the picture's longer side. [memory] */
const MARK_SD_SHARE = 0.0035;

/** What is known about a picture before any point is set. */
export interface PictureFacts {
  view: View;
  side: Side;
  context: Context;
  picture: Size;
  frogLength: KnownLength;
  /** As it is meant for the student. */
  hold: Hold;
  hand: HandFacts;
}

export interface MarksOutcome extends Breakdown {
  capture: Capture;
  /** Why nothing can be measured, in words; empty when all is well. */
  problems: string[];
  /** The knuckles lie where only a mirrored picture or the other hand would have them. */
  mirrored: boolean;
}

type Placed = Partial<Record<PointName, Vec2>>;

/** The picture with its marks, as it is measured. */
export function captureOf(
  placed: Placed,
  {
    view,
    side,
    picture,
    frogLength,
  }: Pick<PictureFacts, 'view' | 'side' | 'picture' | 'frogLength'>,
): Capture {
  const sigma = MARK_SD_SHARE * Math.max(picture.width, picture.height);
  const points: Capture['points'] = {};
  for (const [name, { x, y }] of Object.entries(placed) as [PointName, Vec2][]) {
    points[name] = { x, y, sigma };
  }
  const image = { width: picture.width, height: picture.height };
  return { view, side, image, points, frogLength };
}

/** Everything that the marks set so far tell. */
export function measureMarks(placed: Placed, facts: PictureFacts): MarksOutcome {
  const { context, hold, hand } = facts;
  const capture = captureOf(placed, facts);
  const problems = findCaptureIssues(capture).map(describeIssue);
  const breakdown =
    problems.length === 0
      ? measureCapture(capture, hold, context, hand)
      : { measures: [], notMeasured: [] };
  return {
    capture,
    problems,
    mirrored: problems.length === 0 && looksMirrored(capture, hold),
    ...breakdown,
  };
}
