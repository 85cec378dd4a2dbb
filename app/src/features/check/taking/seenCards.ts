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

/** What a view's picture has to be explained with: everything at the very first, later only a new view's angle. */
export function cardsFor(view: View, explained: readonly string[]): readonly CardName[] {
  if (explained.length === 0) return CARDS;
  return explained.includes(view) ? [] : ['angle'];
}
