import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Nothing serious or critical on the screen as it stands. */
export async function expectAccessible(page: Page, screen: string): Promise<void> {
  // There are no frames in the app: the mode that looks at the page alone takes a third of the time.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .analyze();
  const serious = violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${screen}: ${id}: ${nodes[0]?.html} ${nodes[0]?.failureSummary}`);
  expect(serious).toEqual([]);
}
