import { copyFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ownerOf, PASSPHRASE, refusalOf, standingOf, testBrowser } from '../testing/testBrowser';
import { openTestStudio } from '../testing/testStudio';

// A passphrase takes its time by design, and longer beside other tests.
jest.setTimeout(30_000);

const freshFolder = () => mkdtempSync(join(tmpdir(), 'stamped-'));
const open = (folder: string, removes = false) =>
  openTestStudio({ signedIn: true, folder, removes });
const FILE = 'studio.sqlite';

it('who is in stays in when the studio is stopped and served again', async () => {
  const folder = freshFolder();
  const first = await open(folder);
  const { cookies } = await ownerOf(first);
  await first.close();
  const again = await open(folder, true);
  expect((await standingOf(testBrowser(again.url, cookies))).standing).toBe('in');
  await again.close();
});

it.each(['while it is stopped', 'while it is served'])(
  'a copy made %s and put back leaves everybody outside, and their passphrases as they were',
  async (when) => {
    const [folder, aside] = [freshFolder(), freshFolder()];
    const first = await open(folder);
    const owner = await ownerOf(first);
    if (when === 'while it is served') {
      await first.db.raw('vacuum into ?', [join(aside, FILE)]);
      await first.close();
    } else {
      await first.close();
      copyFileSync(join(folder, FILE), join(aside, FILE));
      await (await open(folder)).close();
    }
    copyFileSync(join(aside, FILE), join(folder, FILE));
    const back = await open(folder, true);
    const browser = testBrowser(back.url, owner.cookies);
    expect(refusalOf(await browser.get('/api/students'))).toBe('signedOut');
    expect(await back.access!('devices')).toEqual([]);
    const again = await browser.post('/api/access/in', {
      personId: owner.id,
      passphrase: PASSPHRASE,
    });
    expect(again.body).toMatchObject({ standing: 'in' });
    await back.close();
  },
);

it('a studio from elsewhere in its place waits for its owner, and knows nobody of before', async () => {
  const [folder, elsewhere] = [freshFolder(), freshFolder()];
  const first = await open(folder);
  const { cookies } = await ownerOf(first);
  await first.close();
  const other = await open(elsewhere);
  await ownerOf(other);
  await other.close();
  copyFileSync(join(elsewhere, FILE), join(folder, FILE));
  const there = await open(folder, true);
  expect(there.firstRunCode).not.toBeNull();
  expect(refusalOf(await testBrowser(there.url, cookies).get('/api/students'))).toBe('notBegun');
  await there.close();
});
