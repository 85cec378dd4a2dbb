import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';

const UMD = createRequire(import.meta.url).resolve('comlink/dist/umd/comlink.js');

/** What a page gets of the hand finder's worker. */
export interface FinderWorker {
  open(files: unknown, onShare: unknown): Promise<string | null>;
  find(
    picture: { url: string; blob: Blob },
    side: 'right',
  ): Promise<{ hand?: { points: { x: number; y: number }[] } }>;
}

/** The protocol that the app's workers speak, as a page has it. */
export interface SpeaksComlink {
  Comlink: { wrap(worker: Worker): FinderWorker; proxy<T>(told: T): T };
}

/** Gives every page from now on the protocol that the app's workers speak, as `window.Comlink`. */
export const speaksComlink = (page: Page): Promise<unknown> => page.addInitScript({ path: UMD });
