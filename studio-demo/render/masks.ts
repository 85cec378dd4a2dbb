import { fileURLToPath } from 'node:url';
import type { View } from '@open-palm/core/measure';

/** Size of a rendered shape, px. */
export const MASK_SIZE = { width: 320, height: 240 };

/** The sides from which shapes are rendered. */
export const MASK_VIEWS = ['finger-side', 'thumb-side', 'player-eye'] as const satisfies View[];

export const maskFile = (grip: string, view: View): string =>
  fileURLToPath(new URL(`../masks/${grip}.${view}.png`, import.meta.url));
