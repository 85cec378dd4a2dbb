import type { Band, Checkpoint, Hold } from './holdSchema';

/** Every band of a checkpoint: wherever it applies, in the air, along the bow. */
export const bandsOf = (checkpoint: Checkpoint | undefined): readonly Band[] =>
  checkpoint && 'standing' in checkpoint
    ? [
        checkpoint.band,
        checkpoint.inTheAir,
        checkpoint.playing,
        ...Object.values(checkpoint.byPlace ?? {}),
      ].filter((band) => band !== undefined)
    : [];

/**
 * The band by which a hold judges a measure.
 *
 * @param context what the bow did when the hold was looked at; in the air, at `heel`, `middle` and `point`, and while it plays
 *   nobody knows where, there may be bands of their own
 * @returns null when the measure is shown without a verdict
 * @example bandFor(holdById('cello'), 'wristFlexion', 'heel') // { lo: 0, hi: 35 }
 */
export function bandFor(
  hold: Pick<Hold, 'checkpoints'>,
  measureId: string,
  context?: string | null,
): Band | null {
  const checkpoint = hold.checkpoints[measureId];
  if (!checkpoint || !('standing' in checkpoint)) return null;
  const { band, inTheAir, playing, byPlace } = checkpoint;
  switch (context) {
    case 'heel':
    case 'middle':
    case 'point':
      return byPlace?.[context] ?? band ?? null;
    case 'supported':
    case 'free':
      return inTheAir ?? band ?? null;
    case 'playing-start':
    case 'playing-end':
    case 'row':
      return playing ?? band ?? null;
    default:
      return band ?? null;
  }
}
