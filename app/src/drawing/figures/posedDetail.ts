import { FINGERS, type HandPointName } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { GripContacts, MeasureId } from '@open-palm/core/measure';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import { NOTHING_MEASURED } from '@open-palm/core/pose/measuredGrip';
import type { Station } from '@open-palm/core/portrait';

/** How a part of a posed hand is looked at to see one measure of it. */
export interface PosedDetail {
  station: Station;
  ring?: HandPointName;
}

type From = readonly [number, number, number];

const ASPECT = 1.3;
const THUMB_SIDE: From = [-0.2, -0.72, -0.66];
const BEFORE_THUMB: From = [0.5, -0.25, -0.83];
const FINGER_SIDE: From = [0.1, 0.35, 1];
const BUTTON_END: From = [-1, 0.12, 0.14];
const TIP_END: From = [1, 0.16, 0.3];

const station = (toward: From, at: From, widthMm: number, level = true): Station => ({
  toward,
  at,
  widthMm,
  heightMm: widthMm / ASPECT,
  level,
});

/** Where the eye stands for a measure of this hold; null for what a hand on the bow does not show. */
export const posedDetail = (measure: MeasureId, hold: Hold): PosedDetail | null =>
  (hold.hand === 'over' ? overDetail : underDetail)(measure, hold);

function overDetail(measure: MeasureId, { startingPlacesMm }: Hold): PosedDetail | null {
  const { thumb, index, little } = startingPlacesMm;
  const ofThumb = station(THUMB_SIDE, [thumb + 2, 0, -22], 92);
  const ofFingers = { station: station(FINGER_SIDE, [8, 8, 4], 120) };
  switch (measure) {
    case 'thumbIpFlexion':
      return { station: ofThumb, ring: 'thumbIp' };
    case 'thumbMcpFlexion':
      return { station: ofThumb, ring: 'thumbMcp' };
    case 'thumbApproach':
    case 'thumbContact':
      return { station: ofThumb };
    case 'thumbFacet':
      return { station: station(BEFORE_THUMB, [thumb + 6, -4, -16], 84) };
    case 'thumbPlace':
    case 'thumbOpposition':
    case 'indexLead':
      return { station: station(THUMB_SIDE, [thumb + 4, 0, -22], 118) };
    case 'thumbThrough':
      return { station: station(BUTTON_END, [thumb, -4, -14], 84, false) };
    case 'littlePlace':
      return { station: station([-0.42, 0.4, 0.82], [little + 4, 6, 4], 92) };
    case 'littlePipFlexion':
      return { station: station(BUTTON_END, [little, 16, -14], 104, false), ring: 'littlePip' };
    case 'littleDipFlexion':
      return { station: station(BUTTON_END, [little, 14, -8], 84, false), ring: 'littleDip' };
    case 'indexPipFlexion':
      return { station: station(TIP_END, [index, 8, -14], 104, false), ring: 'indexPip' };
    case 'gap12':
    case 'gap23':
    case 'gap34':
    case 'gapEvenness':
    case 'gapRatio12':
    case 'gapRatio23':
    case 'gapRatio34':
    case 'spread':
    case 'ferruleFinger':
      return ofFingers;
    case 'handLean':
      return { station: station([0, 0.06, 1], [2, 16, 0], 132) };
    case 'wristFlexion':
      return { station: station(BUTTON_END, [0, 10, -78], 190, false), ring: 'wrist' };
    default:
      return null;
  }
}

function underDetail(measure: MeasureId, { startingPlacesMm }: Hold): PosedDetail | null {
  const { thumb, index } = startingPlacesMm;
  const ofThumb = station([-0.35, 0.9, -0.25], [thumb - 22, 10, 2], 112);
  const ofLittle = station([0.1, -0.35, 0.9], [-26, -14, 4], 100);
  switch (measure) {
    case 'thumbIpFlexion':
      return { station: ofThumb, ring: 'thumbIp' };
    case 'thumbMcpFlexion':
      return { station: ofThumb, ring: 'thumbMcp' };
    case 'thumbApproach':
    case 'thumbOpposition':
    case 'indexLead':
      return { station: ofThumb };
    case 'thumbContact':
    case 'thumbFacet':
    case 'thumbThrough':
    case 'thumbPlace':
      return { station: station([0.2, 0.75, -0.6], [thumb - 4, 6, -6], 84) };
    case 'littlePlace':
      return { station: station([0.1, -0.25, 1], [-24, -18, 4], 124) };
    case 'littlePipFlexion':
      return { station: ofLittle, ring: 'littlePip' };
    case 'littleDipFlexion':
      return { station: ofLittle, ring: 'littleDip' };
    case 'indexPipFlexion':
      return { station: station([0.35, 0.4, -0.8], [index - 12, 0, -6], 110), ring: 'indexPip' };
    case 'gap12':
    case 'gap23':
    case 'gap34':
    case 'gapEvenness':
    case 'gapRatio12':
    case 'gapRatio23':
    case 'gapRatio34':
    case 'spread':
    case 'handLean':
    case 'ferruleFinger':
      return { station: station([0.3, 0.12, 1], [-16, -6, 8], 124) };
    default:
      return null;
  }
}

/** Usual distance of two neighbouring fingers of a grown hand along the stick, mm. [memory] */
const USUAL_GAP_MM = 18;
/** So far from the frog's front a finger stands before the ferrule, mm. [memory] */
const AT_FERRULE_MM = -4;

/** The grip that an answer tells. */
export function gripOfAnswer(
  measure: MeasureId,
  answer: number | string,
  hold: Hold,
): MeasuredGrip {
  if (measure === 'gapEvenness' && typeof answer === 'number') {
    // One gap wider, one narrower, the third as it was: 1.22 makes their coefficient of variation the answer.
    const by = 1.22 * answer;
    const gaps = {
      gap12: USUAL_GAP_MM * (1 + by),
      gap23: USUAL_GAP_MM,
      gap34: USUAL_GAP_MM * (1 - by),
    };
    return { ...NOTHING_MEASURED, measures: gaps };
  }
  const ratioed = /^gapRatio(12|23|34)$/.exec(measure);
  if (ratioed && typeof answer === 'number') {
    const gap = { [`gap${ratioed[1]}`]: USUAL_GAP_MM * answer };
    return { ...NOTHING_MEASURED, measures: gap };
  }
  if (measure === 'ferruleFinger') return { contacts: slidTo(answer, hold), measures: {} };
  return { ...NOTHING_MEASURED, measures: { [measure]: answer } };
}

/** The whole hand slid along the stick until a finger stands at the ferrule; further up for none. */
function slidTo(answer: number | string, hold: Hold): GripContacts {
  const { startingPlacesMm, startingDepthsU } = hold;
  const finger = FINGERS.find((one) => one === answer);
  const byMm = AT_FERRULE_MM - (finger ? startingPlacesMm[finger] : startingPlacesMm.little - 10);
  return {
    thumbXMm: startingPlacesMm.thumb + byMm,
    fingers: Object.fromEntries(
      FINGERS.map((one) => [
        one,
        {
          xMm: startingPlacesMm[one] + byMm,
          u: startingDepthsU[one],
          dMm: 0,
          touching: true,
        },
      ]),
    ) as GripContacts['fingers'],
  };
}
