import { HEADERS } from '@open-palm/contract';
import { v7 as uuidv7 } from 'uuid';
import { freshStudent } from '../testing/examples';
import {
  PASSPHRASE,
  ownerOf,
  refusalOf,
  standingOf,
  testBrowser,
  type TestBrowser,
} from '../testing/testBrowser';
import { NOW, openTestStudio, type TestStudio } from '../testing/testStudio';

// A passphrase takes its time by design, and longer beside other tests.
jest.setTimeout(30_000);

let studio: TestStudio;
let owner: TestBrowser & { id: string };
beforeEach(async () => (studio = await openTestStudio({ signedIn: true })));
afterEach(() => studio.close());

const DAY_MS = 86_400_000;
const later = (ms: number) => (studio.clock.now = new Date(NOW.getTime() + ms));

describe('signing in', () => {
  beforeEach(async () => (owner = await ownerOf(studio)));
  const signIn = (browser: TestBrowser, passphrase = PASSPHRASE) =>
    browser.post('/api/access/in', { personId: owner.id, passphrase });

  it('gives a cookie that no script reads and that goes to this studio only', async () => {
    const browser = testBrowser(studio.url);
    expect((await signIn(browser)).status).toBe(200);
    const [cookie] = browser.set;
    expect(cookie).toMatch(new RegExp(`^open-palm-session-${studio.studioId}=[\\w-]{43};`));
    expect(cookie).toMatch(/samesite=strict/i);
    expect(cookie).toMatch(/httponly/i);
    expect(cookie).toMatch(/path=\//i);
  });

  it('takes letters as they are meant, however a keyboard puts them together', async () => {
    await owner.post('/api/access/passphrase', { current: PASSPHRASE, next: 'grüße an die möwe' });
    const typed = 'grüße an die möwe'.normalize('NFD');
    expect((await signIn(testBrowser(studio.url), typed)).status).toBe(200);
  });

  it('gives another cookie each time, and the one before holds no longer', async () => {
    const browser = testBrowser(studio.url);
    await signIn(browser);
    const before = new Map(browser.cookies);
    await signIn(browser);
    expect([...browser.cookies.values()]).not.toEqual([...before.values()]);
    expect((await standingOf(testBrowser(studio.url, before))).standing).toBe('out');
    expect((await standingOf(browser)).standing).toBe('in');
  });

  it('keeps no secret that would let somebody in who reads the file', async () => {
    const kept = JSON.stringify([
      await studio.access!('sessions'),
      await studio.access!('passphrases'),
    ]);
    for (const token of owner.cookies.values()) expect(kept).not.toContain(token);
    expect(kept).not.toContain(PASSPHRASE);
    expect(kept).toContain('$argon2id$');
  });

  it('ends after thirty days without a visit, and not before', async () => {
    later(20 * DAY_MS);
    expect((await standingOf(owner)).standing).toBe('in');
    later(49 * DAY_MS);
    expect((await standingOf(owner)).standing).toBe('in');
    later(80 * DAY_MS);
    expect((await standingOf(owner)).standing).toBe('out');
    expect(await studio.access!('sessions')).toEqual([]);
  });

  it('makes whoever guesses wait, longer each time, and tells how long', async () => {
    const browser = testBrowser(studio.url);
    const guesses: (string | undefined)[] = [];
    for (const guess of ['a', 'b', 'c', 'd', 'e'])
      guesses.push(refusalOf(await signIn(browser, guess)));
    expect(guesses).toEqual([...Array<string>(4).fill('wrongPassphrase'), 'tooSoon']);
    // The right one has to wait as well: else guessing would cost nothing.
    const waiting = await signIn(browser);
    expect(waiting.status).toBe(429);
    expect(Number(waiting.headers.get('retry-after'))).toBeGreaterThanOrEqual(1);
    expect(waiting.body).toMatchObject({
      error: { message: expect.stringMatching(/^Too many tries: wait \d+ seconds\.$/) },
    });
    // Who is in stays in.
    expect((await standingOf(owner)).standing).toBe('in');
  });

  it('is over when somebody signs out', async () => {
    const before = new Map(owner.cookies);
    expect((await owner.post('/api/access/out')).body).toMatchObject({ standing: 'out' });
    expect(owner.cookies.size).toBe(0);
    expect((await standingOf(testBrowser(studio.url, before))).standing).toBe('out');
  });

  it('waits behind a locked screen, and goes on with the passphrase', async () => {
    expect((await owner.post('/api/access/lock')).body).toMatchObject({ standing: 'locked' });
    const refused = await owner.get('/api/students');
    expect([refused.status, refusalOf(refused)]).toEqual([401, 'locked']);
    expect(refusalOf(await owner.post('/api/access/unlock', { passphrase: 'no' }))).toBe(
      'wrongPassphrase',
    );
    await owner.post('/api/access/unlock', { passphrase: PASSPHRASE });
    expect((await owner.get('/api/students')).status).toBe(200);
  });

  it('with a new passphrase leaves the other browsers outside', async () => {
    const other = testBrowser(studio.url);
    await signIn(other);
    const wrong = await owner.post('/api/access/passphrase', {
      current: 'no',
      next: 'seven sails',
    });
    expect(refusalOf(wrong)).toBe('wrongPassphrase');
    await owner.post('/api/access/passphrase', { current: PASSPHRASE, next: 'seven sails' });
    expect((await standingOf(owner)).standing).toBe('in');
    expect((await standingOf(other)).standing).toBe('out');
    expect((await signIn(other, 'seven sails')).status).toBe(200);
  });
});

describe('several people', () => {
  beforeEach(async () => (owner = await ownerOf(studio)));

  async function teacher(): Promise<TestBrowser & { id: string }> {
    const id = uuidv7();
    await owner.send('PUT', `/api/access/people/${id}`, { name: 'Ewan Thrale', role: 'teacher' });
    const { body } = await owner.post(`/api/access/people/${id}/code`);
    const code = (body as unknown as { url: string }).url.split('#')[1];
    const browser = testBrowser(studio.url);
    const set = await browser.post('/api/access/renew', { code, passphrase: 'a kite in the rain' });
    expect(set.body).toMatchObject({ standing: 'in', me: { role: 'teacher' } });
    return { ...browser, id };
  }

  it('a teacher sets a passphrase by a link that works once', async () => {
    const ewan = await teacher();
    const { people } = await standingOf(testBrowser(studio.url));
    expect(people.map(({ name }) => name)).toEqual(['Maren Solveig', 'Ewan Thrale']);
    expect((await ewan.get('/api/students')).status).toBe(200);
    expect(refusalOf(await ewan.get('/api/access/visitors'))).toBe('ownerOnly');
  });

  it('what is written names who made it', async () => {
    const ewan = await teacher();
    const id = uuidv7();
    await ewan.send('PUT', `/api/students/${id}`, freshStudent());
    expect(await studio.db('edits').where({ of_id: id }).pluck('author')).toEqual([ewan.id]);
  });

  it('what waited goes under the name of who made it, and under no other', async () => {
    const ewan = await teacher();
    const at = `/api/students/${uuidv7()}`;
    const asEwan = { [HEADERS.author]: ewan.id };
    const refused = await owner.send('PUT', at, freshStudent(), asEwan);
    expect([refused.status, refusalOf(refused)]).toEqual([403, 'otherAuthor']);
    expect(await studio.db('students')).toEqual([]);
    expect((await ewan.send('PUT', at, freshStudent(), asEwan)).status).toBe(200);
  });

  it('who is put out is out at the next request, and can come back', async () => {
    const ewan = await teacher();
    await owner.post(`/api/access/people/${ewan.id}/out`);
    expect(refusalOf(await ewan.get('/api/students'))).toBe('signedOut');
    const again = { personId: ewan.id, passphrase: 'a kite in the rain' };
    expect(refusalOf(await ewan.post('/api/access/in', again))).toBe('wrongPassphrase');
    await owner.send('PUT', `/api/access/people/${ewan.id}`, {
      name: 'Ewan Thrale',
      role: 'teacher',
    });
    expect((await ewan.post('/api/access/in', again)).status).toBe(200);
  });

  it('who may do less from now on may do less at the next request', async () => {
    const id = (await teacher()).id;
    const as = (role: string) =>
      owner.send('PUT', `/api/access/people/${id}`, { name: 'Ewan Thrale', role });
    await as('owner');
    const browser = testBrowser(studio.url);
    await browser.post('/api/access/in', { personId: id, passphrase: 'a kite in the rain' });
    expect((await browser.get('/api/access/visitors')).status).toBe(200);
    await as('teacher');
    expect(refusalOf(await browser.get('/api/access/visitors'))).toBe('ownerOnly');
  });

  it('the last owner can neither go nor become a teacher', async () => {
    for (const answer of [
      await owner.post(`/api/access/people/${owner.id}/out`),
      await owner.send('PUT', `/api/access/people/${owner.id}`, { name: 'M', role: 'teacher' }),
    ]) {
      expect([answer.status, refusalOf(answer)]).toEqual([409, 'lastOwner']);
    }
  });
});

it('a studio’s cookie is nothing to another studio', async () => {
  owner = await ownerOf(studio);
  const other = await openTestStudio({ signedIn: true });
  await ownerOf(other);
  // Ports of one machine share their cookies: a browser sends both to both.
  const both = testBrowser(other.url, new Map(owner.cookies));
  expect((await standingOf(both)).standing).toBe('out');
  const [token] = owner.cookies.values();
  const forged = new Map([[`open-palm-session-${other.studioId}`, token!]]);
  expect((await standingOf(testBrowser(other.url, forged))).standing).toBe('out');
  await other.close();
});

it('what was asked is noted by its pattern, without an id, a name or a code', async () => {
  owner = await ownerOf(studio);
  const id = uuidv7();
  await owner.send('PUT', `/api/students/${id}`, { ...freshStudent(), name: 'Nora Ashgrove' });
  await owner.get(`/api/students/${id}?setup=${id}`);
  expect(studio.asked.map(({ route, status }) => [route, status])).toEqual([
    ['POST /api/access/first', 200],
    ['PUT /api/students/:id', 200],
    ['GET /api/students/:id', 404],
  ]);
  const noted = JSON.stringify(studio.asked);
  for (const secret of [id, 'Ashgrove', studio.firstRunCode!]) expect(noted).not.toContain(secret);
});
