import { category, lookedAt, value } from '../support/lookedAt';
import { dayFromNow, openPractice } from '../support/practice';
import { button, press } from '../support/teacher';
import { expect, test } from '../support/test';

test('a plan is changed by the teacher, and the rest is planned again around it', async ({
  page,
  studio,
}) => {
  const who = { name: 'Pell Lanternwick', instrument: 'bass', holdId: 'french-bass-ring' };
  const taps = [value('indexLead', 8), category('ferruleFinger', 'middle')];
  await lookedAt(studio, who, [{ context: 'free', taps }]);
  await page.reload();
  await openPractice(page, who.name);
  // The same span on whatever day the journey runs: three days, one part.
  await page.getByLabel('No lesson is planned: until when?').fill(dayFromNow(4));
  const line = (name: string) => page.getByRole('button', { name: `Change: ${name}` });
  const lock = (name: string) => page.getByRole('button', { name: `Keep in the plan: ${name}` });
  const unlock = (name: string) =>
    page.getByRole('button', { name: `Let the plan choose again: ${name}` });
  await expect(line('Shake loose, and form it again')).toBeVisible();
  await line('Shake loose, and form it again').click();
  await press(page, 'Leave it out');
  await expect(line('Shake loose, and form it again')).toHaveCount(0);
  await expect(page.getByText('One drill left out')).toBeVisible();
  await lock('Form it on a pencil').click();
  await expect(unlock('Form it on a pencil')).toBeVisible();
  await line('Take it loosely, at once').click();
  await press(page, 'Another one instead');
  const other = page.getByRole('button', { name: 'Feel the weight over four fingers' });
  await other.click();
  await expect(line('Take it loosely, at once')).toHaveCount(0);
  await expect(unlock('Form it on a pencil')).toBeVisible();
  await expect(unlock('Feel the weight over four fingers')).toBeVisible();
  const less = button(page, 'A minute less');
  while (await less.isEnabled()) await less.click();
  await expect(page.getByText('No minutes, no plan.')).toBeVisible();
});
