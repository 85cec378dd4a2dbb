import { request } from 'node:http';
import { HEADERS, type Access } from '@open-palm/contract';
import { proxyListener } from '../phones/proxyListener';
import { ownerOf, testBrowser } from '../testing/testBrowser';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';

// A passphrase takes its time by design, and longer beside other tests.
jest.setTimeout(30_000);

let studio: TestStudio;
let behind: string;
let cookies: Map<string, string>;
const PUBLIC = 'https://studio.example.org';
beforeAll(async () => {
  studio = await openTestStudio({ signedIn: true, publicOrigin: PUBLIC });
  cookies = (await ownerOf(studio)).cookies;
  behind = await studio.serve(proxyListener(PUBLIC));
});
afterAll(() => studio.close());

interface Answered {
  status: number;
  code: string;
  cookies: string[];
}

/** As a proxy hands a request on. */
const ask = (url: string, path: string, body: object | null, headers: Record<string, string>) =>
  new Promise<Answered>((resolve, reject) => {
    const { hostname, port } = new URL(url);
    const sent = request(
      {
        hostname,
        port,
        path,
        method: body ? 'POST' : 'GET',
        headers: { [HEADERS.build]: BUILD, 'Content-Type': 'application/json', ...headers },
      },
      (response) => {
        let text = '';
        response.on('data', (part) => (text += String(part)));
        response.once('end', () => {
          const { error } = JSON.parse(text) as { error?: { code: string } };
          const cookies = response.headers['set-cookie'] ?? [];
          resolve({ status: response.statusCode!, code: error?.code ?? '', cookies });
        });
      },
    );
    sent.once('error', reject);
    sent.end(body ? JSON.stringify(body) : undefined);
  });

const FORWARDED = {
  Host: 'studio.example.org',
  'X-Forwarded-Proto': 'https',
  'X-Forwarded-For': '203.0.113.9',
  Origin: 'https://studio.example.org',
};

it('answers to its own name alone, and takes writes of its own page', async () => {
  expect((await ask(behind, '/api/access', null, FORWARDED)).status).toBe(200);
  const other = await ask(behind, '/api/access', null, { ...FORWARDED, Host: '127.0.0.1' });
  expect([other.status, other.code]).toEqual([403, 'notLocal']);
  const pair = { code: 'AAAAAAAAAAAAAAAAAAAAAA', name: 'Phone' };
  expect((await ask(behind, '/api/access/pair', pair, FORWARDED)).code).toBe('codeUsed');
  const foreign = { ...FORWARDED, Origin: 'http://studio.example.org' };
  expect((await ask(behind, '/api/access/pair', pair, foreign)).code).toBe('foreignPage');
});

it('is never local, whatever it is told', async () => {
  for (const told of ['127.0.0.1', '127.0.0.1, 203.0.113.9', '::1']) {
    const headers = { ...FORWARDED, 'X-Forwarded-For': told };
    expect((await ask(behind, '/api/students', null, headers)).code).toBe('unknownDevice');
  }
});

it('counts a guesser by the address that the proxy itself added, which nobody can choose', async () => {
  const guess = (i: number) =>
    ask(
      behind,
      '/api/access/pair',
      { code: `BBBBBBBBBBBBBBBBBBBBB${i}`, name: 'Guess' },
      { ...FORWARDED, 'X-Forwarded-For': `198.51.100.${i}, 203.0.113.77` },
    );
  const codes: string[] = [];
  for (let i = 0; i < 6; i++) codes.push((await guess(i)).code);
  expect(codes.slice(4)).toEqual(['tooSoon', 'tooSoon']);
});

it('brings devices in by its own name', async () => {
  const owner = testBrowser(studio.url, cookies);
  const me = (await owner.get('/api/access')).body as unknown as Access;
  expect(me.origins).toEqual([PUBLIC]);
  const { body } = await owner.post('/api/access/codes', { personId: me.me!.id, byNumber: true });
  expect((body as unknown as { url: string }).url).toMatch(
    /^https:\/\/studio\.example\.org\/pair#/,
  );
});

it('believes nothing of it on this machine’s own port', async () => {
  const { host } = new URL(studio.url);
  const headers = { ...FORWARDED, Host: host, Origin: studio.url };
  const out = await ask(studio.url, '/api/access/out', {}, headers);
  expect(out.status).toBe(200);
  // A cookie for HTTPS alone would be one that this page never sends back.
  for (const cookie of out.cookies) expect(cookie).not.toMatch(/__Host-|secure/i);
});
