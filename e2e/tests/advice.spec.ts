import { expectAccessible } from '../support/expectAccessible';
import { category, lookedAt, value } from '../support/lookedAt';
import { button, lookByTap, openPart, press } from '../support/teacher';
import { expect, test } from '../support/test';

const ADA = { name: 'Ada Fennimore', instrument: 'violin', holdId: 'violin-shallow' };
const CLEO = { name: 'Cleo Marsh', instrument: 'cello', holdId: 'cello' };

test('a straight thumb alone: what was seen, one question, and the answer changes what is said', async ({
  page,
  studio,
}) => {
  const { id } = await lookedAt(studio, CLEO, [
    { context: 'free', taps: [value('thumbIpFlexion', -20)] },
  ]);
  await page.goto(`${studio.url}/students/${id}`);
  await expect(page.getByRole('heading', { name: 'The thumb is straight.' })).toBeVisible();
  await expect(page.getByText('Bend the thumb before it touches the stick.')).toBeVisible();
  await expect(page.getByText(/because|nail is/)).toHaveCount(0);
  const question = page.getByRole('radiogroup', { name: 'Is it so that the hand is rolled out?' });
  await expect(question).toBeVisible();
  await expectAccessible(page, 'the one question');
  await question.getByRole('radio', { name: 'Yes' }).click();
  await expect(page.getByText(/Turn the forearm until the hand leans/)).toBeVisible();
  await expect(question).toHaveCount(0);
  // It was put down beside the look, and is asked no second time.
  await expect(async () => {
    const file = await (await fetch(`${studio.url}/api/students/${id}`)).json();
    expect(file.log).toContainEqual(
      expect.objectContaining({ kind: 'answer', sign: 'handRolledOut', seen: true }),
    );
  }).toPass();
  await page.reload();
  await expect(page.getByText(/Turn the forearm until the hand leans/)).toBeVisible();
  await expect(page.getByText('One look would help')).toHaveCount(0);
});

test('a cellist’s little finger that is off goes over the stick, never on top', async ({
  page,
  studio,
}) => {
  const { id } = await lookedAt(studio, CLEO, [
    { context: 'free', taps: [category('littlePlace', 'off')] },
  ]);
  await page.goto(`${studio.url}/students/${id}`);
  await expect(
    page.getByRole('heading', { name: 'The little finger is off the stick.' }),
  ).toBeVisible();
  await expect(page.getByText(/^Lay the little finger over the stick beside/)).toBeVisible();
  for (let i = 0; i < 3; i += 1) {
    await expect(page.getByText(/on its tip|on tiptoe/)).toHaveCount(0);
    await press(page, /^Not yet: /, false);
  }
});

test('the wrist is judged with the bow in the air too', async ({ page }) => {
  await lookByTap(page, 'Osric Tidewell');
  for (let station = 1; station < 4; station += 1) await press(page, 'All fine here');
  await openPart(page, 'Wrist');
  // A range can be told of no bow that does not move: it is not asked before one looks for more.
  await expect(page.getByText(/from heel to point/i)).toHaveCount(0);
  await page.getByRole('radio', { name: 'about 60°' }).click();
  await press(page, 'Rest is fine');
  await press(page, 'All fine here');
  await expect(page.getByRole('heading', { name: 'The wrist is arched high.' })).toBeVisible();
  await expect(page.getByText(/^Let the wrist sink/)).toBeVisible();
  await expect(page.getByText(/moving wrist/)).toHaveCount(0);
});

test('what a test shows changes what is said', async ({ page, studio }) => {
  const { id, looks } = await lookedAt(studio, ADA, [
    { context: 'free', taps: [value('thumbIpFlexion', 35)] },
  ]);
  await page.goto(`${studio.url}/students/${id}`);
  await expect(page.getByRole('heading', { name: 'Nothing to fix' })).toBeVisible();
  const { student, setupId } = await (await fetch(`${studio.url}/api/students/${id}`)).json();
  const entry = {
    id: looks[0]!.replace(/^.{8}/, '0199aaaa'),
    studentId: student.id,
    setupId,
    madeAt: new Date().toISOString(),
    kind: 'test',
    checkId: looks[0],
    test: 'squeeze',
    result: { answers: { squeeze: 'hard' } },
  };
  const answer = await fetch(`${studio.url}/api/log/${entry.id}`, {
    method: 'PUT',
    headers: {
      'Content-Type': 'application/json',
      'Open-Palm-Build': 'journey',
      Origin: studio.url,
    },
    body: JSON.stringify(entry),
  });
  expect(answer.status).toBe(200);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'The hand squeezes.' })).toBeVisible();
  await expect(
    page.getByText('The string carries the bow; your hand only guides it.'),
  ).toBeVisible();
});

test('flat at the point and high at the heel is told as one thing', async ({ page, studio }) => {
  const { id } = await lookedAt(studio, ADA, [
    { context: 'heel', taps: [value('wristFlexion', 60)] },
    { context: 'point', taps: [value('wristFlexion', -60)] },
  ]);
  await page.goto(`${studio.url}/students/${id}`);
  await expect(
    page.getByRole('heading', { name: 'The wrist is flat at the point and high at the heel.' }),
  ).toBeVisible();
  await expect(page.getByText(/^Let fingers and thumb bend and stretch/)).toBeVisible();
  await expect(page.getByText(/wrist (sink|rise|come down)|hang from the wrist/)).toHaveCount(0);
  await expect(button(page, 'Look at the hold')).toBeVisible();
});
