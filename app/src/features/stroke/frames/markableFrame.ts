import type { HandMarks, PathFrame, WristFrame } from '@open-palm/core/stroke';
import type { HandSearch } from '@open-palm/vision/findHand';
import type { Vec2 } from '@open-palm/core/units';

/** A picture that is marked: a frame of a clip or a still. */
export interface MarkedPicture {
  /** Time in the clip, s; of a still its turn. */
  timeS: number;
  blob: Blob;
  url: string;
  /** For the strip. */
  thumbUrl: string;
  width: number;
  height: number;
}

/** What is marked for the wrist, seen from the side, and for the bow's path, seen from the front. */
export const WRIST_MARKS = ['wrist', 'middleMcp', 'forearmNear', 'forearmFar'] as const;
export const PATH_MARKS = ['stickHandEnd', 'stickTipEnd', 'stringUpper', 'stringLower'] as const;
export type MarkName = (typeof WRIST_MARKS)[number] | (typeof PATH_MARKS)[number];

/** What a take of frames is about. */
export type MarkKind = 'wrist' | 'path';

export const MARKS_OF: Record<MarkKind, readonly MarkName[]> = {
  wrist: WRIST_MARKS,
  path: PATH_MARKS,
};

/** A picture with the marks in it, px of the picture. */
export interface MarkableFrame {
  picture: MarkedPicture;
  marks: Partial<Record<MarkName, Vec2>>;
  /** Left out by the person. */
  dropped: boolean;
}

/** Wrist and middle knuckle among the 21 points of a found hand. */
const WRIST = 0;
const MIDDLE_MCP = 9;

/** What is needed of a found hand; null where none was found. */
export const handMarksOf = (search: HandSearch | undefined): HandMarks | null =>
  search?.outcome === 'found'
    ? { wrist: search.hand.points[WRIST]!, middleMcp: search.hand.points[MIDDLE_MCP]! }
    : null;

export const newFrame = (picture: MarkedPicture, hand: HandMarks | null): MarkableFrame => ({
  picture,
  marks: hand ? { wrist: hand.wrist, middleMcp: hand.middleMcp } : {},
  dropped: false,
});

/** The mark that is asked next; null when all are there or the frame is left out. */
export const nextMark = ({ marks, dropped }: MarkableFrame, kind: MarkKind): MarkName | null =>
  dropped ? null : (MARKS_OF[kind].find((name) => marks[name] === undefined) ?? null);

/** How far a quick touch on a phone may be off in each direction, as a share of the picture's longer side. [memory] */
const TOUCH_SD_SHARE = 0.01;

export const markSdPx = ({ picture }: MarkableFrame): number =>
  TOUCH_SD_SHARE * Math.max(picture.width, picture.height);

/** What the core reads of a frame seen from the side. */
export function wristFrame({ picture, marks, dropped }: MarkableFrame): WristFrame {
  const { wrist, middleMcp, forearmNear, forearmFar } = marks;
  return {
    timeS: picture.timeS,
    hand: !dropped && wrist && middleMcp ? { wrist, middleMcp } : null,
    forearm: !dropped && forearmNear && forearmFar ? { near: forearmNear, far: forearmFar } : null,
  };
}

/** What the core reads of a frame seen from the front. */
export function pathFrame({ picture, marks, dropped }: MarkableFrame): PathFrame {
  const { stickHandEnd, stickTipEnd, stringUpper, stringLower } = marks;
  return {
    timeS: picture.timeS,
    stick:
      !dropped && stickHandEnd && stickTipEnd ? { hand: stickHandEnd, tip: stickTipEnd } : null,
    string:
      !dropped && stringUpper && stringLower ? { upper: stringUpper, lower: stringLower } : null,
  };
}
