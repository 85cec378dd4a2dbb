import { readStrokeCsv } from '@open-palm/contract/stroke';
import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import type { Side } from '@open-palm/core/measure';
import {
  analyseStroke,
  strokeVerdicts,
  type StrokeAnalysis,
  type StrokeVerdict,
} from '@open-palm/core/stroke';

/** The hold that a take is judged by where none is named. */
const USUAL_HOLD = 'violin-shallow';

export interface StrokeFileAnswer {
  /** Of which hand the file is, where it says so. */
  hand: Side | null;
  strokes: {
    fromS: number;
    toS: number;
    direction: 'down' | 'up' | null;
    rangeDeg: number | null;
    smoothness: number | null;
    smoothnessFloor: number | null;
  }[];
  rangeDeg: number | null;
  rangeSdDeg: number | null;
  /** Of the stroke in the middle, and what the smoothest movement would read with this noise. */
  smoothness: { value: number; floor: number } | null;
  means: Record<'heel' | 'middle' | 'point', number | null>;
  /** How far the bow was from square to the string there, degrees. */
  skew: Record<'heel' | 'middle' | 'point', number | null>;
  steeringShare: number | null;
  verdicts: StrokeVerdict[];
}

/**
 * What a take in a CSV file tells of wrist and fingers.
 *
 * @param text CSV; docs/stroke.md tells its columns
 * @throws InputError with everything that is wrong, by row and column
 */
export function strokeFile(text: string, holdId: string = USUAL_HOLD): StrokeFileAnswer {
  if (!HOLD_IDS.includes(holdId)) {
    const params = { id: holdId, known: HOLD_IDS.join(', ') };
    throw new InputError([{ code: 'unknownHold', where: 'hold', params }]);
  }
  const { series, hand } = readStrokeCsv(text);
  const analysis = analyseStroke(series);
  const { strokes, ranges, means, skew, steeringShare, smoothness } = analysis;
  return {
    hand,
    strokes: strokes.map(({ fromS, toS, direction, wrist, ...stroke }) => ({
      fromS,
      toS,
      direction,
      rangeDeg: wrist && wrist.deg,
      smoothness: stroke.smoothness,
      smoothnessFloor: stroke.floor,
    })),
    rangeDeg: ranges.wristFlexion?.deg ?? null,
    rangeSdDeg: ranges.wristFlexion?.sd ?? null,
    smoothness,
    means: degrees(means),
    skew: degrees(skew),
    steeringShare,
    verdicts: strokeVerdicts(analysis, holdById(holdId)),
  };
}

const degrees = ({ heel, middle, point }: StrokeAnalysis['means']) => ({
  heel: heel && heel.deg,
  middle: middle && middle.deg,
  point: point && point.deg,
});
