import { request } from 'node:http';
import { HEADERS } from '@open-palm/contract';
import { POLICY } from '../access/policy';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';

/** Every address of the studio; that there is no other is tested with who may ask for them. */
const ROUTES = Object.keys(POLICY);

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

const ID = '01a00000-0000-7000-8000-000000000001';

/** A request with exactly these headers, which fetch would add to. */
const statusOf = (route: string, headers: Record<string, string>) =>
  new Promise<{ status: number; headers: Record<string, unknown>; body: string }>(
    (resolve, reject) => {
      const [method, path] = route.split(' ') as [string, string];
      const { hostname, port } = new URL(studio.url);
      const sent = request(
        {
          hostname,
          port,
          method,
          path: path.replace(/:\w+/g, ID),
          headers: { [HEADERS.build]: BUILD, 'Content-Type': 'application/json', ...headers },
        },
        (response) => {
          let body = '';
          response.on('data', (part) => (body += String(part)));
          response.once('end', () =>
            resolve({ status: response.statusCode!, headers: response.headers, body }),
          );
        },
      );
      sent.once('error', reject);
      sent.end(method === 'GET' ? undefined : '{}');
    },
  );

describe('what comes from another page', () => {
  const foreign = (): Record<string, Record<string, string>> => {
    const { port } = new URL(studio.url);
    return {
      'no word of where it comes from': {},
      'another site': { 'Sec-Fetch-Site': 'cross-site', Origin: 'https://elsewhere.example' },
      'another port of this machine': {
        'Sec-Fetch-Site': 'same-site',
        Origin: `http://127.0.0.1:${Number(port) + 1}`,
      },
      'the same place without its port': { Origin: 'http://127.0.0.1' },
      'a page without an origin': { Origin: 'null' },
    };
  };

  it.each(ROUTES.filter((route) => !route.startsWith('GET')))(
    'changes nothing: %s',
    async (route) => {
      for (const [from, headers] of Object.entries(foreign())) {
        const { status, body } = await statusOf(route, headers);
        expect([from, status]).toEqual([from, 403]);
        expect(JSON.parse(body)).toMatchObject({ error: { code: 'foreignPage' } });
      }
    },
  );

  it('is told apart from the studio’s own page, by its origin or by the browser’s word', async () => {
    const own: Record<string, string>[] = [
      { Origin: studio.url },
      { 'Sec-Fetch-Site': 'same-origin' },
    ];
    for (const headers of own) {
      const { status } = await statusOf('PUT /api/log/:id', headers);
      // It comes as far as being read, and is no note.
      expect(status).toBe(400);
    }
  });
});

describe('what goes out', () => {
  it.each(ROUTES.filter((route) => route.startsWith('GET')))(
    'is kept by no browser and shown in nobody’s frame: %s',
    async (route) => {
      const { headers } = await statusOf(route, {});
      expect(headers).toMatchObject({
        'cache-control': 'no-store',
        'x-content-type-options': 'nosniff',
        'referrer-policy': 'no-referrer',
        'cross-origin-resource-policy': 'same-origin',
        'cross-origin-opener-policy': 'same-origin',
        'permissions-policy': 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()',
      });
      const policy = String(headers['content-security-policy']);
      expect(policy).toContain("frame-ancestors 'none'");
      expect(/script-src ([^;]*)/.exec(policy)![1]).toBe("'self' 'wasm-unsafe-eval'");
    },
  );
});
