import { HEADERS, type Access, type FirstRun } from '@open-palm/contract';
import { BUILD, type Answer, type TestStudio } from './testStudio';

/** Somebody's browser: it keeps the cookies that it is given, and writes from the studio's own page. */
export interface TestBrowser {
  get(path: string): Promise<Answer>;
  send(
    method: 'POST' | 'PUT',
    path: string,
    body?: unknown,
    headers?: Record<string, string>,
  ): Promise<Answer>;
  post(path: string, body?: unknown): Promise<Answer>;
  cookies: Map<string, string>;
  /** The cookies as they were last set, with their attributes. */
  set: string[];
}

export function testBrowser(url: string, cookies = new Map<string, string>()): TestBrowser {
  const set: string[] = [];
  const ask = async (path: string, init: RequestInit = {}): Promise<Answer> => {
    const Cookie = [...cookies].map(([name, value]) => `${name}=${value}`).join('; ');
    const response = await fetch(url + path, {
      ...init,
      headers: { ...(Cookie === '' ? {} : { Cookie }), ...init.headers },
    });
    for (const line of response.headers.getSetCookie()) {
      set.push(line);
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(line)!;
      if (value === '') cookies.delete(name!);
      else cookies.set(name!, value!);
    }
    const isJson = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      headers: response.headers,
      body: isJson ? await response.json() : ((await response.arrayBuffer()) as never),
    };
  };
  const send: TestBrowser['send'] = (method, path, body = {}, headers = {}) =>
    ask(path, {
      method,
      headers: {
        'Content-Type': 'application/json',
        [HEADERS.build]: BUILD,
        Origin: url,
        ...headers,
      },
      body: JSON.stringify(body),
    });
  return {
    get: (path) => ask(path),
    send,
    post: (path, body) => send('POST', path, body),
    cookies,
    set,
  };
}

export const PASSPHRASE = 'four quiet herons wade';

export const SETTINGS: FirstRun['settings'] = {
  name: 'Lantern Street Strings',
  dateStyle: 'dayFirst',
  timeZone: 'Europe/Berlin',
  instruments: ['cello', 'violin'],
  units: 'metric',
};

/** A browser on the studio’s own machine, signed in as its owner after the first run. */
export async function beginStudio(
  url: string,
  code: string | null,
): Promise<TestBrowser & { id: string }> {
  const owner = testBrowser(url);
  const begun = await owner.post('/api/access/first', {
    code,
    name: 'Maren Solveig',
    passphrase: PASSPHRASE,
    settings: SETTINGS,
  });
  if (begun.status !== 200) throw new Error(JSON.stringify(begun.body));
  return { ...owner, id: (begun.body as unknown as { me: { id: string } }).me.id };
}

export const ownerOf = ({ url, firstRunCode }: Pick<TestStudio, 'url' | 'firstRunCode'>) =>
  beginStudio(url, firstRunCode);

/** How somebody's browser stands at the studio's door. */
export const standingOf = async (browser: TestBrowser): Promise<Access> =>
  (await browser.get('/api/access')).body as unknown as Access;

/** Why something was refused; undefined where it was not. */
export const refusalOf = ({ body }: Answer): string | undefined =>
  (body as { error?: { code: string } }).error?.code;
