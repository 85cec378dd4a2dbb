import { HAND_POINTS } from '@open-palm/core/hand';
import type { IssueCode } from '@open-palm/core/issue';

type Params = Readonly<Record<string, string | number>>;

/** What is wrong with input that is of its kind, as sentences; what is not of its kind has words of its own. */
export const ISSUE_WORDS: Record<
  Exclude<IssueCode, 'malformed'>,
  (at: string, params: Params) => string
> = {
  notJson: (at, p) => `${at} is not JSON: ${String(p.problem)}.`,
  unknownHold: (at, p) => `${at}: there is no hold "${p.id}". Known holds: ${p.known}.`,
  notThisView: (at) => `${at}: this cannot be told from this view.`,
  notANumber: (at) => `${at} has a coordinate that is not a number.`,
  pointOutsidePicture: (at, p) =>
    `${at} lies at ${p.x}, ${p.y}, outside the picture of ${p.width} × ${p.height}.`,
  coincidentPoints: (at, p) =>
    p.other === undefined
      ? `${at}: two of its points lie on the same spot, so it has no angle.`
      : `${at} lies on the same spot as ${placeWords(String(p.other))}. Move one of the two.`,
  zeroLengthStick: (at) => `${at} lies on the stick's other mark. Put the two well apart.`,
  zeroLengthFrog: (at) => `${at} lies on the frog's front. Put the two at the frog's ends.`,
  frogBackAhead: (at) => `${at} lies nearer to the bow's tip than the frog's front. Swap the two.`,
  nonPositiveFrogLength: (at, p) => `${at} must be longer than 0 mm; it is ${p.value}.`,
  looksMirrored: (at) =>
    `${at}: the knuckles lie on the hair's side. Is the picture mirrored, is it the other hand, or are the stick's marks swapped?`,
  implausibleJoint: (at, p) =>
    `${at} reads ${p.value}°, which a joint cannot do. Check its points.`,
  notMarked: (at) => `${at} is not marked.`,
  unknownMeasure: (at) => `${at}: there is no such measure, or it is missing.`,
  unknownAnswer: (at, p) =>
    p.known === ''
      ? `${at}: ${p.measure} is answered by a number.`
      : `${at}: ${p.measure} is answered by one of: ${p.known}.`,
  notApplicable: (at, p) => `${at}: ${p.measure} makes no sense for this hold.`,
  nothingMarked: (at) => `${at}: neither a picture nor an answer.`,
  nothingToFit: (at) =>
    `${at}: no picture shows the bow's four marks and enough of the hand to fit one.`,
  tooManyPictures: (at, p) => `${at}: a hand is fitted to at most ${p.most} pictures at once.`,
  tooFewPoints: (at, p) =>
    `${at} shows ${p.seen} points of the hand; a fit needs at least ${p.fewest}.`,
  samePicture: (at, p) =>
    `${at} is the same picture as number ${p.other}. The second one has to look from elsewhere.`,
  otherHand: (at) => `${at} shows the other hand.`,
  mirroredPicture: (at) =>
    `${at} looks mirrored: read the other way round it shows this view. Flip it.`,
  pictureContradicts: (at) =>
    `${at} does not show a hand on a bow from this view. Is it another view, or the other hand? Or are points mixed up?`,
  differentHolds: (at) =>
    `${at}: no one hand fits these pictures. They show different holds, or points are mixed up.`,
  tooFewFrames: (at, p) => `${at}: a stroke needs at least ${p.least} frames.`,
  timeRepeated: (at, p) => `${at}: the time ${p.time} s stands there twice.`,
  timeBackward: (at, p) =>
    `${at}: the time ${p.time} s comes after ${p.before} s. Put the rows in order.`,
  takeTooLong: (at, p) => `${at}: a take is at most ${p.most} s long. Cut it to a few strokes.`,
  noWrist: (at) => `${at}: the wrist is seen in no frame, and there is nothing to tell without it.`,
  beyondPossible: (at, p) =>
    `${at} is ${p.value}, which cannot be: from ${p.from} to ${p.to} is possible. Is it in other units?`,
  bandUpsideDown: (at, p) =>
    `${at}: the band begins at ${p.lo}, which is not below its end at ${p.hi}.`,
  bandBeyondAnatomy: (at, p) =>
    `${at}: the band reaches beyond what is possible, ${p.lo} to ${p.hi}.`,
};

/** A path with the name of the point it leads to: `hand[4]` → `hand[4] (thumb tip)`. */
export function placeWords(where: string): string {
  const index = /hand\[(\d+)\]$/.exec(where)?.[1];
  const name = index === undefined ? undefined : HAND_POINTS[Number(index)];
  return name ? `${where} (${name.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`)})` : where;
}
