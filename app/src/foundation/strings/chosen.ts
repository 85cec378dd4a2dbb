import type { StudioSettings } from '@open-palm/contract';

let chosen: StudioSettings | null = null;

/** What the studio chose for itself, where words are made; null before it did, as in the demo. */
export const chosenSettings = (): StudioSettings | null => chosen;

export function chooseSettings(settings: StudioSettings | null): void {
  chosen = settings;
}
