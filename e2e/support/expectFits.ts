import { expect, type Page } from '@playwright/test';

/**
 * Holds that a screen can be read and used at this width: nothing lies beyond its sides, no words are cut off, and there is nothing to
 * scroll sideways. A field's label is measured after it was drawn: what is wrong has to stay so.
 */
export async function expectFits(page: Page, screen: string): Promise<void> {
  await softly.poll(() => notFitting(page), { message: screen, timeout: 5000 }).toEqual([]);
}

const softly = expect.configure({ soft: true });

const notFitting = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const wide = document.documentElement.clientWidth;
    const found: string[] = [];
    const isSeen = (box: DOMRect) =>
      box.width > 1 && box.height > 1 && box.bottom > 0 && box.top < innerHeight;
    const inScroller = (one: Element | null): boolean => {
      for (let at = one; at && at !== document.body; at = at.parentElement) {
        const { overflowX } = getComputedStyle(at);
        if ((overflowX === 'auto' || overflowX === 'scroll') && at.scrollWidth > at.clientWidth + 1)
          return true;
      }
      return false;
    };
    for (const one of document.querySelectorAll<HTMLElement>('body *')) {
      const own = [...one.childNodes].some(
        (node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim(),
      );
      const acts = one.matches('[role=button], [role=link], [role=radio], [role=tab], input');
      if (!own && !acts) continue;
      const box = one.getBoundingClientRect();
      if (!isSeen(box) || !one.checkVisibility({ visibilityProperty: true })) continue;
      const name = (one.getAttribute('aria-label') ?? one.textContent ?? '').trim().slice(0, 60);
      if ((box.right > wide + 1 || box.left < -1) && !inScroller(one)) {
        found.push(`beyond the side: ${name}`);
      }
      const { overflowX } = getComputedStyle(one);
      if (own && overflowX === 'hidden' && one.scrollWidth > one.clientWidth + 1) {
        found.push(`cut off: ${name}`);
      }
    }
    if (document.documentElement.scrollWidth > wide + 1) found.push('scrolls sideways');
    return [...new Set(found)];
  });
