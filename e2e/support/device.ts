import type { BrowserContext, Page } from '@playwright/test';

/** Views as the app names them, all of which were explained on a device that was used before. */
const EXPLAINED = ['finger-side', 'thumb-side', 'player-eye', 'profile', 'front', 'bow-side'];

/** A device on which the first use is over: nothing is explained any more. */
export const asUsedBefore = (page: Page | BrowserContext) =>
  page.addInitScript(
    (views) => localStorage.setItem('open-palm.explained-views', JSON.stringify(views)),
    EXPLAINED,
  );

/** The hand finder's files do not come: points are placed by hand. */
export const withoutFinder = (page: Page | BrowserContext) =>
  page.route('**/vision/**', (route) => route.abort());
