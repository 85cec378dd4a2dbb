import type { MeasureId } from '../measure';
import { CAUSES, SIGNS } from './knowledge';

/** The checkpoint that something was said about: that of a cause, or where none was named that of the sign itself. */
export const measureSpokenOf = (
  cause: string | null,
  sign: string | undefined,
): MeasureId | null => (cause === null ? measureOfSign(sign) : measureOfCause(cause));

function measureOfSign(id: string | undefined): MeasureId | null {
  const from = SIGNS.find((sign) => sign.id === id)?.from;
  return from && 'measure' in from ? from.measure : null;
}

/**
 * The checkpoint that shows a cause best: of its first sign that is measured. Null where only a person sees it.
 *
 * @example measureOfCause('thumbTooDeep') // 'thumbThrough'
 */
export function measureOfCause(causeId: string): MeasureId | null {
  const cause = CAUSES.find(({ id }) => id === causeId);
  const ranked = [...(cause?.signs ?? [])].sort((a, b) => a.rank - b.rank);
  for (const { sign: id } of ranked) {
    const measure = measureOfSign(id);
    if (measure) return measure;
  }
  return null;
}
