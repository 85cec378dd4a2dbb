import type { SkinTone } from '@open-palm/contract';
import type { BowSize } from '@open-palm/core/bow';
import type { Finger } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { MeasureId, MergedMeasure, Side, Verdict } from '@open-palm/core/measure';
import type { KeptPose } from '@open-palm/core/pose';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import type { Digit } from '@open-palm/core/pose/digits';
import { measuredOf } from '@open-palm/core/pose/measuredOf';
import type { MarkState } from '../../foundation/kit/StateMark';
import { verdictMark } from '../../foundation/kit/StateMark';

/** What a portrait is drawn from. */
export interface PortraitNumbers extends MeasuredGrip {
  hold: Hold;
  side: Side;
  skinTone: SkinTone;
  verdicts: Partial<Record<MeasureId, Verdict>>;
  /** Digits to be drawn as unseen; what the measures and verdicts say unless told. */
  unseen?: readonly Digit[];
  /** Full size unless told. */
  bowSize?: BowSize;
  /** A grown hand's unless told. */
  middleFingerMm?: number;
  /** The hand as it was worked out and kept; it is worked out anew without it. */
  pose?: KeptPose | null;
}

/** What of a portrait's numbers comes from the measures. */
export function shownBy(
  merged: readonly Pick<MergedMeasure, 'measure'>[],
): Pick<PortraitNumbers, 'measures' | 'verdicts'> {
  const measures = merged.map(({ measure }) => measure);
  return {
    measures: measuredOf(measures),
    verdicts: Object.fromEntries(measures.map(({ id, verdict }) => [id, verdict])),
  };
}

/** Nothing of what was measured. */
export const NOT_SHOWN = { measures: {}, verdicts: {} } as const;

/** The measure whose verdict a finger's mark carries. */
const MARK_MEASURES: Record<Finger | 'thumb', readonly MeasureId[]> = {
  thumb: ['thumbIpFlexion', 'thumbPlace'],
  index: ['indexDepth'],
  middle: ['middleDepth'],
  ring: ['ringDepth'],
  little: ['littlePlace', 'littlePipFlexion'],
};

/** How the mark of a digit looks. */
export function markState(
  verdicts: PortraitNumbers['verdicts'],
  name: Finger | 'thumb',
  seen: boolean,
): MarkState {
  const found = MARK_MEASURES[name].map((id) => verdicts[id]).find((v) => v !== undefined);
  if (found) return verdictMark(found);
  return seen ? 'none' : 'notSeen';
}
