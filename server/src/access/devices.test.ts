import type { Access, CodeAnswer, Visitors } from '@open-palm/contract';
import {
  PASSPHRASE,
  ownerOf,
  refusalOf,
  standingOf,
  testBrowser,
  type TestBrowser,
} from '../testing/testBrowser';
import { NOW, openTestStudio, type TestStudio } from '../testing/testStudio';
import type { Listener } from './listener';

/** A port that others in the house reach. */
const NETWORK: Listener = { kind: 'network', isOurs: (name) => name === '127.0.0.1' };
const PHONES = {
  door: () => ({ standing: () => ({ origins: ['https://desk.local:8443'] }) }) as never,
  open: () => Promise.resolve(),
  openAgain: () => Promise.resolve(),
  close: () => Promise.resolve(),
  stop: () => Promise.resolve(),
};

// A passphrase takes its time by design, and longer beside other tests.
jest.setTimeout(30_000);

let studio: TestStudio;
let owner: TestBrowser & { id: string };
let network: string;
beforeEach(async () => {
  studio = await openTestStudio({ signedIn: true, phones: PHONES });
  owner = await ownerOf(studio);
  network = await studio.serve(NETWORK);
});
afterEach(() => studio.close());

const devices = async () =>
  ((await owner.get('/api/access/visitors')).body as unknown as Visitors).devices;

async function code(): Promise<string> {
  const { body } = await owner.post('/api/access/codes', { personId: owner.id, byNumber: false });
  const { url } = body as unknown as CodeAnswer;
  expect(url).toMatch(/^https:\/\/desk\.local:8443\/pair#[\w-]{22}$/);
  return url.split('#')[1]!;
}

async function pairedPhone(): Promise<TestBrowser> {
  const phone = testBrowser(network);
  await phone.post('/api/access/pair', { code: await code(), name: 'Small phone' });
  const [device] = await devices();
  await owner.post(`/api/access/devices/${device!.id}/in`);
  expect((await standingOf(phone)).standing).toBe('in');
  return phone;
}

it('a device from the network sees nothing before it was let in, not even who teaches here', async () => {
  const phone = testBrowser(network);
  expect(await standingOf(phone)).toMatchObject({
    standing: 'unknown',
    people: [],
    settings: null,
  });
  for (const path of ['/api/students', '/api/holds', '/api/access/visitors']) {
    const { status, body } = await phone.get(path);
    expect([path, status]).toEqual([path, 401]);
    expect(JSON.stringify(body)).not.toContain('Maren');
  }
  // A passphrase alone lets nobody in from there, and is not even compared.
  const tried = await phone.post('/api/access/in', { personId: owner.id, passphrase: PASSPHRASE });
  expect(refusalOf(tried)).toBe('unknownDevice');
  expect(refusalOf(await phone.post('/api/access/first', {}))).toBe('unknownDevice');
});

it('comes in by a code once the owner says so, and both screens show the same sign', async () => {
  const phone = testBrowser(network);
  const asked = await phone.post('/api/access/pair', { code: await code(), name: 'Small phone' });
  expect(asked.body).toMatchObject({ standing: 'asks', device: { name: 'Small phone' } });
  expect(refusalOf(await phone.get('/api/students'))).toBe('deviceAsks');
  const [device] = await devices();
  expect(device).toMatchObject({ name: 'Small phone', state: 'asks', personId: owner.id });
  expect((asked.body as unknown as Access).device!.sign).toBe(device!.sign);
  await owner.post(`/api/access/devices/${device!.id}/in`);
  // Its next question finds it in, signed in as whom it was let in for.
  expect(await standingOf(phone)).toMatchObject({ standing: 'in', me: { name: 'Maren Solveig' } });
  expect((await phone.get('/api/students')).status).toBe(200);
});

it('a code works once, for ten minutes, and only where it was given', async () => {
  const used = await code();
  const pair = (with_: string) =>
    testBrowser(network).post('/api/access/pair', { code: with_, name: 'Another' });
  await pair(used);
  expect(refusalOf(await pair(used))).toBe('codeUsed');
  const late = await code();
  studio.clock.now = new Date(NOW.getTime() + 11 * 60_000);
  expect(refusalOf(await pair(late))).toBe('codeLate');
  const other = await openTestStudio({ signedIn: true });
  const foreign = await testBrowser(other.url).post('/api/access/pair', {
    code: await code(),
    name: 'x',
  });
  expect(refusalOf(foreign)).toBe('codeUsed');
  await other.close();
  expect(await devices()).toHaveLength(1);
});

it('of two that use a code at once one comes in', async () => {
  const one = await code();
  const both = await Promise.all(
    ['A', 'B'].map((name) => testBrowser(network).post('/api/access/pair', { code: one, name })),
  );
  expect(both.map(({ status }) => status).sort()).toEqual([200, 403]);
  expect(await devices()).toHaveLength(1);
});

it('guessing codes is slowed', async () => {
  const guesses: (string | undefined)[] = [];
  for (let i = 0; i < 6; i++) {
    const guess = { code: `AAAAAAAAAAAAAAAAAAAAA${i}`, name: 'Guess' };
    guesses.push(refusalOf(await testBrowser(network).post('/api/access/pair', guess)));
  }
  expect(guesses.slice(0, 4)).toEqual(Array(4).fill('codeUsed'));
  expect(guesses.slice(4)).toEqual(['tooSoon', 'tooSoon']);
});

it('is put out at once, is told so, and can be let in again', async () => {
  const phone = await pairedPhone();
  expect((await phone.get('/api/students')).status).toBe(200);
  const [device] = await devices();
  await owner.post(`/api/access/devices/${device!.id}/out`);
  const refused = await phone.get('/api/students');
  expect([refused.status, refusalOf(refused)]).toEqual([401, 'deviceOut']);
  await owner.post(`/api/access/devices/${device!.id}/in`);
  expect((await standingOf(phone)).standing).toBe('in');
  expect((await phone.get('/api/students')).status).toBe(200);
});

it('that was let in is never kept out by somebody else’s guessing', async () => {
  const phone = await pairedPhone();
  await phone.post('/api/access/out');
  const guess = { personId: owner.id, passphrase: 'a guess' };
  const here = testBrowser(studio.url);
  for (let i = 0; i < 6; i++) await here.post('/api/access/in', guess);
  expect(refusalOf(await here.post('/api/access/in', guess))).toBe('tooSoon');
  const right = { personId: owner.id, passphrase: PASSPHRASE };
  expect((await phone.post('/api/access/in', right)).body).toMatchObject({ standing: 'in' });
});

it('that signed out itself stays out until its passphrase comes', async () => {
  const phone = await pairedPhone();
  expect((await standingOf(phone)).standing).toBe('in');
  await phone.post('/api/access/out');
  expect((await standingOf(phone)).standing).toBe('out');
});

it('has a session that is worth nothing on another device', async () => {
  const phone = await pairedPhone();
  await standingOf(phone);
  const stolen = new Map([...phone.cookies].filter(([name]) => name.includes('session')));
  expect(stolen.size).toBe(1);
  expect((await standingOf(testBrowser(network, stolen))).standing).toBe('unknown');
  expect((await standingOf(testBrowser(studio.url, stolen))).standing).toBe('out');
});

it('is called as the owner likes', async () => {
  await pairedPhone();
  const [device] = await devices();
  await owner.send('PUT', `/api/access/devices/${device!.id}`, { name: 'Practice room' });
  expect((await devices()).map(({ name }) => name)).toEqual(['Practice room']);
});
