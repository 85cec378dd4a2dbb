import type { View } from '@open-palm/core/measure';

/** On this device, which views were explained already. */
const KEY = 'open-palm.explained-views';

/** The views that were explained on this device; none where the browser remembers nothing. */
export function explainedViews(): readonly string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.map(String) : [];
  } catch {
    return [];
  }
}

export function rememberExplained(view: View): void {
  try {
    localStorage.setItem(KEY, JSON.stringify([...new Set([...explainedViews(), view])]));
  } catch {
    // It is explained again the next time.
  }
}

export const CARDS = ['distance', 'angle', 'light'] as const;
export type CardName = (typeof CARDS)[number];

/** What a picture has to be explained with: everything at the very first, then nothing, for the hint of its view stands beside the camera. */
export const cardsFor = (explained: readonly string[]): readonly CardName[] =>
  explained.length === 0 ? CARDS : [];
