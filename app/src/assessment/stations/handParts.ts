import type { ShownJoint } from '@open-palm/core/portrait';
import { SIGNS } from '@open-palm/core/judge';
import type { MeasureId } from '@open-palm/core/measure';
import type { Digit } from '@open-palm/core/pose/digits';
import type { Station, StationId } from './stationPlan';

/** Where on the drawn hand a part is touched. */
export type Anchor =
  /** Where a digit meets the bow, or its telling joint. */
  | { mark: Digit }
  | { bend: Digit }
  | { joint: ShownJoint }
  | { between: readonly [ShownJoint, ShownJoint] }
  /** On the stick beside the thumb, so many mm toward the tip. */
  | { besideThumbMm: number };

export const PART_IDS = [
  'thumbBend',
  'thumbTip',
  'thumbPlace',
  'index',
  'middle',
  'ring',
  'spaces',
  'littleTip',
  'littleBend',
  'knuckles',
  'wrist',
  'elbow',
  'bow',
] as const;
export type PartId = (typeof PART_IDS)[number];

interface PartPlan {
  id: PartId;
  /** Null for what the drawn hand does not show: it stands beside it. */
  at: Anchor | null;
  checkpoints: readonly MeasureId[];
}

/** What can be touched at each station, and what is told of it, the most telling first. */
const PARTS: Record<StationId, readonly PartPlan[]> = {
  thumb: [
    {
      id: 'thumbBend',
      at: { bend: 'thumb' },
      checkpoints: ['thumbIpFlexion', 'thumbMcpFlexion'],
    },
    {
      id: 'thumbTip',
      at: { mark: 'thumb' },
      checkpoints: ['thumbContact', 'thumbThrough', 'thumbFacet'],
    },
    {
      id: 'thumbPlace',
      at: { besideThumbMm: 24 },
      checkpoints: ['thumbPlace', 'thumbOpposition', 'thumbApproach'],
    },
  ],
  fingers: [
    {
      id: 'index',
      at: { mark: 'index' },
      checkpoints: ['indexDepth', 'indexLead', 'indexPipFlexion'],
    },
    { id: 'middle', at: { mark: 'middle' }, checkpoints: ['middleDepth', 'middlePipFlexion'] },
    { id: 'ring', at: { mark: 'ring' }, checkpoints: ['ringDepth', 'ringPipFlexion'] },
    {
      id: 'spaces',
      at: { between: ['middlePip', 'ringPip'] },
      checkpoints: [
        'ferruleFinger',
        'gapRatio12',
        'gapRatio23',
        'gapRatio34',
        'gapEvenness',
        'spread',
        'gap12',
        'gap23',
        'gap34',
      ],
    },
  ],
  little: [
    { id: 'littleTip', at: { mark: 'little' }, checkpoints: ['littlePlace', 'littleDepth'] },
    {
      id: 'littleBend',
      at: { bend: 'little' },
      checkpoints: ['littlePipFlexion', 'littleDipFlexion'],
    },
  ],
  wrist: [
    {
      id: 'wrist',
      at: { joint: 'wrist' },
      checkpoints: ['wristFlexion', 'wristRange', 'wristDeviation'],
    },
    { id: 'knuckles', at: { joint: 'middleMcp' }, checkpoints: ['handLean', 'knuckleHeight'] },
    { id: 'elbow', at: null, checkpoints: ['elbowBend', 'elbowLevel'] },
    { id: 'bow', at: null, checkpoints: ['bowSkew', 'stickRoll', 'hairClearance'] },
  ],
  relaxation: [],
};

/** A part of the hand as a hold asks about it. */
export interface HandPart {
  id: PartId;
  at: Anchor | null;
  /** What the hold has a say on. */
  judged: MeasureId[];
  /** What can be noted too. */
  further: MeasureId[];
  /** Signs that the hold has no band for. */
  signs: string[];
}

/** The parts of a station that its hold asks something about. */
export function partsOf(station: Station): HandPart[] {
  return PARTS[station.id]
    .map(({ id, at, checkpoints }) => ({
      id,
      at,
      judged: checkpoints.filter((one) => station.judged.includes(one)),
      further: checkpoints.filter((one) => station.further.includes(one)),
      signs: station.furtherSigns.filter((sign) => {
        const measure = measureOfSign(sign);
        return measure !== null && checkpoints.includes(measure);
      }),
    }))
    .filter(({ judged, further, signs }) => judged.length + further.length + signs.length > 0);
}

/** The checkpoint that a sign is told by, as long as one tells it. */
function measureOfSign(id: string): MeasureId | null {
  const from = SIGNS.find((sign) => sign.id === id)?.from;
  return from && 'measure' in from ? from.measure : null;
}
