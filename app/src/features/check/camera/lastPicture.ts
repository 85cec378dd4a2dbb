import type { CheckSummary } from '@open-palm/contract';
import type { View } from '@open-palm/core/measure';

/** The newest picture that was taken from a view, to take the next one alike. */
export function lastPictureOf(history: readonly CheckSummary[], view: View): string | null {
  for (const { pictures } of history) {
    const found = pictures.find((picture) => picture.view === view);
    if (found) return found.id;
  }
  return null;
}
