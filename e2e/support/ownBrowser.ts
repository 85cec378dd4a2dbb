import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type BrowserContext } from '@playwright/test';
import { asUsedBefore } from './device';
import { CHROMIUM, CHROMIUM_FLAGS } from './studio';

/** A browser with a profile of its own on disk, which is what a crash leaves behind. */
export async function openBrowser(profile: string): Promise<BrowserContext> {
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: CHROMIUM,
    args: CHROMIUM_FLAGS,
    viewport: { width: 390, height: 844 },
    reducedMotion: 'reduce',
    serviceWorkers: 'allow',
  });
  await asUsedBefore(context);
  return context;
}

/** Where such a profile lies: nothing in it yet. */
export const freshProfile = () => mkdtempSync(join(tmpdir(), 'open-palm-browser-'));
