import type { HandPointName } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { MeasureId } from '@open-palm/core/measure';
import type { Station } from '@open-palm/core/portrait';

/** How a part of a posed hand is looked at to see one measure of it. */
export interface PosedDetail {
  station: Station;
  ring?: HandPointName;
}

type From = readonly [number, number, number];

const ASPECT = 1.3;
const THUMB_SIDE: From = [-0.2, -0.72, -0.66];
const PLAYER_EYE: From = [0.35, 0.5, -0.78];
const BUTTON_END: From = [-1, 0.12, 0.14];
const TIP_END: From = [1, 0.16, 0.3];

const station = (toward: From, at: From, widthMm: number, level = true): Station => ({
  toward,
  at,
  widthMm,
  heightMm: widthMm / ASPECT,
  level,
});

/** Where the eye stands for a measure of this hold; null for what a posed hand does not show. */
export function posedDetail(measure: MeasureId, hold: Hold): PosedDetail | null {
  const { thumb, index, little } = hold.startingPlacesMm;
  const isOver = hold.hand === 'over';
  const ofThumb = isOver
    ? station(THUMB_SIDE, [thumb + 2, 0, -22], 92)
    : station(PLAYER_EYE, [thumb - 8, 8, -2], 92);
  switch (measure) {
    case 'thumbIpFlexion':
      return { station: ofThumb, ring: 'thumbIp' };
    case 'thumbMcpFlexion':
      return { station: ofThumb, ring: 'thumbMcp' };
    case 'thumbApproach':
    case 'thumbContact':
      return isOver ? { station: ofThumb } : null;
    case 'thumbPlace':
    case 'thumbOpposition':
    case 'indexLead':
      return isOver ? { station: station(THUMB_SIDE, [thumb + 4, 0, -22], 118) } : null;
    case 'thumbThrough':
      return isOver ? { station: station(BUTTON_END, [thumb, -4, -14], 84, false) } : null;
    case 'littlePlace':
      return isOver ? { station: station([-0.42, 0.4, 0.82], [little + 4, 6, 4], 92) } : null;
    case 'littlePipFlexion':
      return isOver
        ? { station: station(BUTTON_END, [little, 16, -14], 104, false), ring: 'littlePip' }
        : null;
    case 'littleDipFlexion':
      return isOver
        ? { station: station(BUTTON_END, [little, 14, -8], 84, false), ring: 'littleDip' }
        : null;
    case 'indexPipFlexion':
      return isOver
        ? { station: station(TIP_END, [index, 8, -14], 104, false), ring: 'indexPip' }
        : null;
    case 'handLean':
      return isOver ? { station: station([0, 0.06, 1], [2, 16, 0], 132) } : null;
    case 'wristFlexion':
      return isOver
        ? { station: station(BUTTON_END, [0, 10, -78], 190, false), ring: 'wrist' }
        : null;
    default:
      return null;
  }
}
