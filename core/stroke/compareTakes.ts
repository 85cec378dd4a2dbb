import type { Place } from '../measure';
import type { StrokeAnalysis, Estimate } from './analyseStroke';

/** What differs from one take to another, the later minus the earlier; null where one of them does not tell. */
export interface TakeComparison {
  range: Estimate | null;
  means: Record<Place, Estimate | null>;
  steeringShare: number | null;
  /** Only of takes at about the same tempo: smoothness goes with duration. */
  smoothness: number | null;
  sameTempo: boolean;
}

/** Strokes whose durations differ by less than this share are of one tempo. [memory] */
const SAME_TEMPO = 0.2;

/** Compares any two takes: start against end of a lesson, today against last month. */
export function compareTakes(earlier: StrokeAnalysis, later: StrokeAnalysis): TakeComparison {
  const [a, b] = [durationOf(earlier), durationOf(later)];
  const sameTempo = Math.abs(a - b) <= SAME_TEMPO * Math.max(a, b);
  const share = [earlier.steeringShare, later.steeringShare] as const;
  const smooth = [earlier.smoothness, later.smoothness] as const;
  return {
    range: changed(earlier.ranges.wristFlexion, later.ranges.wristFlexion),
    means: {
      heel: changed(earlier.means.heel, later.means.heel),
      middle: changed(earlier.means.middle, later.means.middle),
      point: changed(earlier.means.point, later.means.point),
    },
    steeringShare: share[0] === null || share[1] === null ? null : share[1] - share[0],
    smoothness: sameTempo && smooth[0] && smooth[1] ? smooth[1].value - smooth[0].value : null,
    sameTempo,
  };
}

const changed = (
  from: Estimate | null | undefined,
  to: Estimate | null | undefined,
): Estimate | null =>
  from && to ? { deg: to.deg - from.deg, sd: Math.hypot(from.sd, to.sd) } : null;

/** How long its middle stroke is, s. */
function durationOf({ strokes }: StrokeAnalysis): number {
  const sorted = strokes.map(({ fromS, toS }) => toS - fromS).sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}
