import { FINGERS, HAND_POINTS, type Finger } from '../hand';
import type { BowBody } from '../bow/bowBody';
import type { MeasureId } from '../measure/measureIds';
import { FINGER_BREADTH_RATIO } from '../measure/thumbMeasures';
import { approachOfFinger, type Approach } from '../hand/approachOfFinger';
import { approachOf, leanOf, throughOf } from './posedAngles';
import type { PosedHand } from './posedHand';

/**
 * The measures that a posed hand tells of itself, by the same definitions as a hand that was fitted to pictures.
 *
 * @param told where each finger was told to touch, joint units, where it was
 */
export function posedMeasures(
  { points, bendDeg }: PosedHand,
  bow: BowBody,
  middleFingerMm: number,
  told: Partial<Record<Finger, number>> = {},
): Partial<Record<MeasureId, number>> {
  const bend = (name: (typeof HAND_POINTS)[number]) => bendDeg[HAND_POINTS.indexOf(name)]!;
  const contact = Object.fromEntries(
    FINGERS.map((finger) => [finger, approachOfFinger(points, finger, told[finger])]),
  ) as Record<Finger, Approach>;
  const { index, middle, ring, little } = contact;
  const thumbX = points[3 * HAND_POINTS.indexOf('thumbTip')]!;
  return {
    thumbIpFlexion: bend('thumbIp'),
    thumbMcpFlexion: bend('thumbMcp'),
    thumbPlace: thumbX,
    thumbThrough: throughOf(points, bow),
    thumbApproach: approachOf(points),
    thumbOpposition: (thumbX - middle.xMm) / (FINGER_BREADTH_RATIO * middleFingerMm),
    indexDepth: index.u,
    middleDepth: middle.u,
    ringDepth: ring.u,
    littleDepth: little.u,
    indexLead: index.xMm - thumbX,
    gap12: index.xMm - middle.xMm,
    gap23: middle.xMm - ring.xMm,
    gap34: ring.xMm - little.xMm,
    spread: index.xMm - little.xMm,
    indexPipFlexion: bend('indexPip'),
    middlePipFlexion: bend('middlePip'),
    ringPipFlexion: bend('ringPip'),
    littlePipFlexion: bend('littlePip'),
    littleDipFlexion: bend('littleDip'),
    handLean: leanOf(points),
  };
}
