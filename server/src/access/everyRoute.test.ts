import { request } from 'node:http';
import { HEADERS, type Role } from '@open-palm/contract';
import { v7 as uuidv7 } from 'uuid';
import { apiRoutes, type ApiParts } from '../apiRoutes';
import { ownerOf, testBrowser, type TestBrowser } from '../testing/testBrowser';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { POLICY, ruleOf } from './policy';

/** Whether an address answers to: a device that was never let in, nobody signed in, a locked screen, a teacher, an owner. */
const MAY: Readonly<Record<string, string>> = {
  'GET /api/access': 'unknown out locked teacher owner',
  'POST /api/access/pair': 'unknown out locked teacher owner',
  'POST /api/access/out': 'unknown out locked teacher owner',
  'POST /api/access/first': 'out locked teacher owner',
  'POST /api/access/in': 'out locked teacher owner',
  'POST /api/access/renew': 'out locked teacher owner',
  'POST /api/access/lock': 'locked teacher owner',
  'POST /api/access/unlock': 'locked teacher owner',
  'POST /api/access/passphrase': 'teacher owner',
  'GET /api/access/visitors': 'owner',
  'PUT /api/access/people/:id': 'owner',
  'POST /api/access/people/:id/out': 'owner',
  'POST /api/access/people/:id/code': 'owner',
  'POST /api/access/codes': 'owner',
  'PUT /api/access/devices/:id': 'owner',
  'POST /api/access/devices/:id/in': 'owner',
  'POST /api/access/devices/:id/out': 'owner',
  'GET /api/access/phones': 'owner',
  'POST /api/access/phones': 'owner',
  'POST /api/access/phones/trust': 'owner',
  'PUT /api/settings': 'owner',
  'GET /api/backups': 'owner',
  'POST /api/backups': 'owner',
  'GET /api/backups/kept/:name': 'owner',
  'GET /api/backups/restore': 'owner',
  'POST /api/backups/restore/look': 'owner',
  'POST /api/backups/restore/:token': 'owner',
  'GET /api/bin': 'teacher owner',
  'PUT /api/bin/:id': 'teacher owner',
  'POST /api/bin/:id/back': 'teacher owner',
  'POST /api/bin/:id/erase': 'owner',
  'GET /api/removable/:kind/:id': 'teacher owner',
  'POST /api/gone': 'teacher owner',
  'GET /api/checks/:id': 'teacher owner',
  'PUT /api/checks/:id': 'teacher owner',
  'GET /api/crossings': 'teacher owner',
  'PUT /api/crossings/:id': 'teacher owner',
  'GET /api/export/checks.csv': 'owner',
  'GET /api/export/students.csv': 'owner',
  'GET /api/export/studio.json': 'owner',
  'GET /api/groups': 'teacher owner',
  'GET /api/groups/:id': 'teacher owner',
  'PUT /api/groups/:id': 'teacher owner',
  'POST /api/groups/:id/remove': 'teacher owner',
  'POST /api/groups/:id/back': 'teacher owner',
  'POST /api/groups/:id/erase': 'owner',
  'GET /api/holds': 'teacher owner',
  'PUT /api/holds/:id': 'teacher owner',
  'GET /api/import/progress': 'owner',
  'POST /api/import/cancel': 'owner',
  'POST /api/import/preview': 'owner',
  'POST /api/import/:sha256': 'owner',
  'GET /api/letters/:id': 'teacher owner',
  'PUT /api/letters/:id': 'teacher owner',
  'GET /api/letters/:id/pdf': 'teacher owner',
  'PUT /api/letters/:id/mail': 'teacher owner',
  'PUT /api/log/:id': 'teacher owner',
  'GET /api/pictures/:id': 'teacher owner',
  'PUT /api/pictures/:id': 'teacher owner',
  'PUT /api/relaxed-hands/:id': 'teacher owner',
  'POST /api/remember': 'teacher owner',
  'GET /api/ruler/page.pdf': 'teacher owner',
  'POST /api/cards/pdf': 'teacher owner',
  'POST /api/terms/pdf': 'teacher owner',
  'GET /api/students': 'teacher owner',
  'GET /api/students/:id': 'teacher owner',
  'PUT /api/students/:id': 'teacher owner',
  'GET /api/students/:id/history': 'teacher owner',
  'GET /api/studio': 'teacher owner',
  'GET /api/takes': 'teacher owner',
  'PUT /api/takes/:id': 'teacher owner',
  'PUT /api/walks/:id': 'teacher owner',
};

const WHO = ['unknown', 'out', 'locked', 'teacher', 'owner'] as const;
type Who = (typeof WHO)[number];

/** How the door refuses each of them. */
const REFUSED: Readonly<Record<Who, [number, string]>> = {
  unknown: [401, 'unknownDevice'],
  out: [401, 'signedOut'],
  locked: [401, 'locked'],
  teacher: [403, 'ownerOnly'],
  owner: [0, ''],
};

const ID = '01a00000-0000-7000-8000-000000000001';

// A passphrase takes its time by design, and longer beside other tests.
jest.setTimeout(30_000);

let studio: TestStudio;
const cookies: Partial<Record<Who, Map<string, string>>> = {};
let urls: Record<Who, string>;

beforeAll(async () => {
  studio = await openTestStudio({ signedIn: true });
  const owner = await ownerOf(studio);
  const network = await studio.serve({ kind: 'network', isOurs: () => true });
  urls = {
    unknown: network,
    out: studio.url,
    locked: studio.url,
    teacher: studio.url,
    owner: studio.url,
  };
  cookies.owner = owner.cookies;
  cookies.teacher = (await personOf(owner, 'teacher')).cookies;
  const locked = await personOf(owner, 'owner');
  await locked.post('/api/access/lock');
  cookies.locked = locked.cookies;
});
afterAll(() => studio.close());

async function personOf(owner: TestBrowser, role: Role): Promise<TestBrowser> {
  const id = uuidv7();
  await owner.send('PUT', `/api/access/people/${id}`, { name: `A ${role}`, role });
  const { body } = await owner.post(`/api/access/people/${id}/code`);
  const browser = testBrowser(studio.url);
  await browser.post('/api/access/renew', {
    code: (body as unknown as { url: string }).url.split('#')[1],
    passphrase: 'a lamp on the quay',
  });
  return browser;
}

/** Asks without a body that could do anything: whoever comes through is refused by what it is, not by who asks. */
const ask = (route: string, who: Who) =>
  new Promise<[number, string]>((resolve, reject) => {
    const [method, path] = route.split(' ') as [string, string];
    const { hostname, port, origin } = new URL(urls[who]);
    const Cookie = [...(cookies[who] ?? [])].map((pair) => pair.join('=')).join('; ');
    const sent = request(
      {
        hostname,
        port,
        method,
        // An id that is none: nothing is changed by asking.
        path: path.replace(/:\w+/g, ID),
        headers: {
          [HEADERS.build]: BUILD,
          'Content-Type': 'application/json',
          Origin: origin,
          Cookie,
        },
      },
      (response) => {
        let body = '';
        response.on('data', (part) => (body += String(part)));
        response.once('end', () => {
          const isJson = String(response.headers['content-type']).includes('json');
          const { error } = (isJson ? JSON.parse(body) : {}) as { error?: { code: string } };
          resolve([response.statusCode!, error?.code ?? '']);
        });
      },
    );
    sent.once('error', reject);
    // A list is no body of any address.
    sent.end(method === 'GET' ? undefined : '[]');
  });

it('every address stands in the list of who may ask, and in this one', () => {
  const there = apiRoutes(studio as unknown as ApiParts).flatMap((router) =>
    router.stack.flatMap(({ methods, path }) =>
      methods
        .filter((method) => method !== 'HEAD')
        .map((method) => `${method} ${path}`.replace(/\/$/, '')),
    ),
  );
  expect(there.sort()).toEqual(Object.keys(MAY).sort());
  expect(Object.keys(POLICY).sort()).toEqual(Object.keys(MAY).sort());
});

/** What would end a session, and what ends them all, is asked last. */
const ENDING = ['POST /api/access/out', 'POST /api/access/lock'];

const cases = WHO.flatMap((who) =>
  Object.entries(MAY).map(([route, may]) => ({ who, route, may: may.split(' ').includes(who) })),
);

it.each(cases.filter(({ may }) => !may))('refuses $who: $route', async ({ who, route }) => {
  expect(await ask(route, who)).toEqual(REFUSED[who]);
});

it.each(cases.filter(({ may, route }) => may && !ENDING.includes(route)))(
  'lets $who through: $route',
  async ({ who, route }) => {
    const [status, code] = await ask(route, who);
    expect(Object.values(REFUSED).map(([, refusal]) => refusal)).not.toContain(code || 'none');
    expect(status).not.toBe(401);
    expect(status).toBeLessThan(500);
  },
);

it('an address is known by its form, an id never taken for a word', () => {
  expect(ruleOf('GET', `/api/students/${ID}/history`)?.route).toBe('GET /api/students/:id/history');
  expect(ruleOf('HEAD', '/api/studio')?.route).toBe('GET /api/studio');
  expect(ruleOf('POST', '/api/import/preview')?.route).toBe('POST /api/import/preview');
  expect(ruleOf('GET', '/api/export/studioXjson')).toBeUndefined();
  expect(ruleOf('DELETE', `/api/students/${ID}`)).toBeUndefined();
  expect(ruleOf('GET', '/api/students/a/b/history')).toBeUndefined();
});
