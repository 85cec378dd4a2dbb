import {
  PASSPHRASE,
  SETTINGS,
  ownerOf,
  refusalOf,
  standingOf,
  testBrowser,
} from '../testing/testBrowser';
import { NOW, openTestStudio, type TestStudio } from '../testing/testStudio';

// A passphrase takes its time by design, and longer beside other tests.
jest.setTimeout(30_000);

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio({ signedIn: true })));
afterEach(() => studio.close());

const DAY_MS = 86_400_000;

const first = (code: string | null, more = {}) => ({
  code,
  name: 'Maren Solveig',
  passphrase: PASSPHRASE,
  settings: SETTINGS,
  ...more,
});

describe('the first run', () => {
  it('lets nobody do anything before it, and then its owner', async () => {
    const visitor = testBrowser(studio.url);
    expect(await standingOf(visitor)).toMatchObject({ standing: 'new', me: null, settings: null });
    expect(refusalOf(await visitor.get('/api/students'))).toBe('notBegun');
    // No phone is let in before there is a passphrase.
    for (const path of ['/api/access/phones', '/api/access/phones/trust', '/api/access/codes']) {
      expect(refusalOf(await visitor.post(path, { on: true }))).toBe('notBegun');
    }
    const owner = await ownerOf(studio);
    expect(await standingOf(owner)).toMatchObject({
      standing: 'in',
      me: { name: 'Maren Solveig', role: 'owner' },
      hasPassphrase: true,
      settings: SETTINGS,
    });
    expect((await owner.get('/api/students')).status).toBe(200);
    // Whoever comes without a cookie stands outside now.
    expect(refusalOf(await visitor.get('/api/students'))).toBe('signedOut');
  });

  it('works by its own link only, and once', async () => {
    const visitor = testBrowser(studio.url);
    const wrong = await visitor.post('/api/access/first', first('AAAAAAAAAAAAAAAAAAAAAA'));
    expect([wrong.status, refusalOf(wrong)]).toEqual([403, 'codeUsed']);
    await ownerOf(studio);
    const second = await visitor.post('/api/access/first', first(studio.firstRunCode));
    expect([second.status, refusalOf(second)]).toEqual([409, 'alreadyBegun']);
  });

  it('has one owner where two begin at once', async () => {
    const both = await Promise.all(
      ['Maren Solveig', 'Jorun Ashby'].map((name) =>
        testBrowser(studio.url).post('/api/access/first', first(studio.firstRunCode, { name })),
      ),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 403]);
    const { people } = await standingOf(testBrowser(studio.url));
    expect(people).toHaveLength(1);
  });

  it('takes nothing of an answer that is not right, and the link still works', async () => {
    const visitor = testBrowser(studio.url);
    for (const more of [
      { passphrase: 'short' },
      { name: ' ' },
      { settings: { ...SETTINGS, timeZone: 'Nowhere/At_All' } },
      { settings: { ...SETTINGS, instruments: [] } },
    ]) {
      const refused = await visitor.post('/api/access/first', first(studio.firstRunCode, more));
      expect([refused.status, refusalOf(refused)]).toEqual([400, 'malformed']);
    }
    await ownerOf(studio);
  });

  it('is not done with a link of yesterday’s', async () => {
    studio.clock.now = new Date(NOW.getTime() + 2 * DAY_MS);
    const late = await testBrowser(studio.url).post(
      '/api/access/first',
      first(studio.firstRunCode),
    );
    expect([late.status, refusalOf(late)]).toEqual([403, 'codeLate']);
  });
});
