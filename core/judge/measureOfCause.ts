import type { MeasureId } from '../measure';
import { CAUSES, SIGNS } from './knowledge';

/** The checkpoint that shows a cause best: of its first sign that is measured. Null where only a person sees it. */
export function measureOfCause(causeId: string): MeasureId | null {
  const cause = CAUSES.find(({ id }) => id === causeId);
  const ranked = [...(cause?.signs ?? [])].sort((a, b) => a.rank - b.rank);
  for (const { sign: id } of ranked) {
    const from = SIGNS.find((sign) => sign.id === id)?.from;
    if (from && 'measure' in from) return from.measure;
  }
  return null;
}
