import { deviceTouchShare } from '../../foundation/api/deviceRuler';
import { describeIssue } from '@open-palm/words/describe';
import { touchDoubt } from '@open-palm/core/ruler';
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
import type { Size } from '../pictures/viewport';
import type { Marks } from './marksState';

/** SD of a mark set with the magnifier, as a share of the picture's longer side, unless this device has told a larger one. [memory] */
export const MARK_SD_SHARE = 0.0035;
/**
 * The same for a guess that was called right: an eye lets pass what it would not have set. Measured by
 * `npm run bench:accuracy`, docs/accuracy.md.
 */
const AGREED_SD_SHARE = 0.007;

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

/** Marks that count, and how they came about. */
export type Counted = Pick<Marks, 'placed' | 'agreed'>;

/** The picture with its marks, as it is measured. */
export function captureOf(
  { placed, agreed }: Counted,
  {
    view,
    side,
    picture,
    frogLength,
  }: Pick<PictureFacts, 'view' | 'side' | 'picture' | 'frogLength'>,
): Capture {
  const longer = Math.max(picture.width, picture.height);
  const touch = touchDoubt(MARK_SD_SHARE, deviceTouchShare());
  const points: Capture['points'] = {};
  for (const [name, { x, y }] of Object.entries(placed) as [PointName, Vec2][]) {
    const share = agreed.includes(name) ? Math.max(AGREED_SD_SHARE, touch) : touch;
    points[name] = { x, y, sigma: share * longer };
  }
  const image = { width: picture.width, height: picture.height };
  return { view, side, image, points, frogLength };
}

/** Everything that the marks set so far tell. */
export function measureMarks(marks: Counted, facts: PictureFacts): MarksOutcome {
  const { context, hold, hand } = facts;
  const capture = captureOf(marks, facts);
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
