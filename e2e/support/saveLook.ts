import type { Page, Route } from '@playwright/test';
import { button, lookByTap, press, restIsFine } from './teacher';
import { studentOf } from './twoPlaces';

/** Takes a look that is fine everywhere, and saves it. */
export async function saveLook(page: Page, student: string): Promise<void> {
  await lookByTap(page, student);
  await restIsFine(page);
  if (await button(page, 'The look is done').isVisible()) await press(page, 'The look is done');
  await press(page, 'Save this look');
}

export const isPut = (route: Route) => route.request().method() === 'PUT';

/** What the studio says to every look from now on; null lets it answer itself. */
export function studioSays(
  page: Page,
  says: () => { status: number; body: string; type?: string } | null,
) {
  return page.route('**/api/checks/*', (route) => {
    const answer = isPut(route) ? says() : null;
    if (!answer) return route.fallback();
    return route.fulfill({
      status: answer.status,
      contentType: answer.type ?? 'application/json',
      body: answer.body,
    });
  });
}

export const refusal = (code: string, message: string) =>
  JSON.stringify({ error: { code, message, where: 'captures' } });

export const looksOf = async (url: string, name: string): Promise<number> => {
  const { id } = await studentOf(url, name);
  return (await (await fetch(`${url}/api/students/${id}`)).json()).history.length;
};
