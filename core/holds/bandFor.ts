import type { Band, Hold } from './holdSchema';

/**
 * The band by which a hold judges a measure.
 *
 * @param context where in the bow the hold was looked at; `heel`, `middle` and `point` have bands of their own
 * @returns null when the measure is shown without a verdict
 */
export function bandFor(
  hold: Pick<Hold, 'checkpoints'>,
  measureId: string,
  context?: string | null,
): Band | null {
  const checkpoint = hold.checkpoints[measureId];
  if (!checkpoint || !('standing' in checkpoint)) return null;
  const atPlace =
    context === 'heel' || context === 'middle' || context === 'point'
      ? checkpoint.byPlace?.[context]
      : undefined;
  return atPlace ?? checkpoint.band ?? null;
}
