import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { choosePicture, demoPicture, openLook } from '../support/lookAtHold';
import { finderIsDone } from '../support/finder';
import { expect, test } from '../support/test';

declare global {
  interface Window {
    brokenRules: (rule: string) => void;
  }
}

test.use({ finder: true });

test('the page breaks none of its own rules, on its screens and with its workers', async ({
  page,
  studio,
}) => {
  const broken: string[] = [];
  await page.exposeFunction('brokenRules', (rule: string) => broken.push(rule));
  await page.addInitScript(() =>
    document.addEventListener('securitypolicyviolation', (event) => {
      window.brokenRules(`${event.violatedDirective}: ${event.blockedURI} ${event.sourceFile}`);
    }),
  );
  page.on('console', (message) => {
    if (message.text().includes('Content Security Policy')) broken.push(message.text());
  });
  for (const path of ['/', '/students', '/holds', '/studio', '/studio/files', '/waiting']) {
    await page.goto(studio.url + path);
    await expect(page.getByRole('heading').filter({ visible: true }).first()).toBeVisible();
  }
  await page.goto(studio.url);
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, demoPicture('deep-index.finger-side').file);
  await finderIsDone(page);
  expect(broken).toEqual([]);
});

test('a page on another port of this machine can neither read, write nor frame the studio', async ({
  page,
  studio,
}) => {
  const elsewhere = createServer((_, response) => {
    response.setHeader('Content-Type', 'text/html');
    response.end(`<iframe src="${studio.url}"></iframe>`);
  });
  await new Promise<void>((resolve) => elsewhere.listen(0, '127.0.0.1', resolve));
  const before = await (await fetch(`${studio.url}/api/students`)).text();
  const other = await page.context().newPage();
  await other.goto(`http://127.0.0.1:${(elsewhere.address() as AddressInfo).port}`);
  const outcomes = await other.evaluate(async (url) => {
    const tried = async (init?: RequestInit) =>
      fetch(`${url}/api/students`, init).then(
        (answer) => answer.type,
        () => 'refused',
      );
    const at = `${url}/api/students/01a00000-0000-7000-8000-000000000001`;
    const headers = { 'Content-Type': 'application/json', 'Open-Palm-Build': 'elsewhere' };
    return {
      read: await tried(),
      readBlind: await tried({ mode: 'no-cors' }),
      write: await fetch(at, { method: 'PUT', headers, body: '{}' }).then(
        () => 'sent',
        () => 'refused',
      ),
    };
  }, studio.url);
  expect(outcomes).toEqual({ read: 'refused', readBlind: 'refused', write: 'refused' });
  // What needs no leave of the studio to be sent is not taken by it.
  await other.evaluate(
    (url) =>
      fetch(`${url}/api/import/preview`, {
        method: 'POST',
        mode: 'no-cors',
        body: 'name\nElsewhere',
      }).catch(() => undefined),
    studio.url,
  );
  expect(await (await fetch(`${studio.url}/api/students`)).text()).toBe(before);
  const [, framed] = other.frames();
  await expect.poll(() => framed!.url()).toMatch(/^chrome-error:/);
  elsewhere.close();
});
