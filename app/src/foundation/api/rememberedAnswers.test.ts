import {
  forgetRememberedAnswers,
  isRemembered,
  rememberAnswers,
  rememberedVersions,
} from './rememberedAnswers';

const ORIGIN = 'https://studio.test';

/** Caches as a browser has them, in memory. */
function memoryCaches(): CacheStorage {
  const named = new Map<string, Map<string, Response>>();
  const urlOf = (of: RequestInfo | URL) =>
    new URL(of instanceof Request ? of.url : String(of), ORIGIN).href;
  const cache = (name: string) => {
    const kept = named.get(name) ?? new Map<string, Response>();
    named.set(name, kept);
    return {
      keys: async () => [...kept.keys()].map((url) => new Request(url)),
      match: async (of: RequestInfo) => kept.get(urlOf(of))?.clone(),
      put: async (of: RequestInfo, answer: Response) => void kept.set(urlOf(of), answer),
      delete: async (of: RequestInfo) => kept.delete(urlOf(of)),
    };
  };
  return {
    open: async (name: string) => cache(name),
    delete: async (name: string) => named.delete(name),
  } as unknown as CacheStorage;
}

beforeEach(() => {
  globalThis.caches = memoryCaches();
});

const fresh = (version: string, gone: string[] = []) => ({
  answers: [{ paths: ['/api/students/a', '/api/students/a?setup=s'], version, body: '{"a":1}' }],
  gone,
  more: false,
});

it('keeps an answer under each of its paths, in the version that it came in, until it is gone', async () => {
  expect(await rememberedVersions()).toEqual({});
  await rememberAnswers(async () => fresh('1'));
  const known = { '/api/students/a': '2', '/api/students/a?setup=s': '2' };
  await rememberAnswers(async () => fresh('2'));
  expect(await rememberedVersions()).toEqual(known);
  const cache = await caches.open('studio-answers');
  expect(await (await cache.match('/api/students/a'))!.json()).toEqual({ a: 1 });
  // One that a screen asked for has no version: it may be older than what the studio has now.
  await cache.put('/api/groups', new Response('[]'));
  expect([await rememberedVersions(), await isRemembered('/api/groups')]).toEqual([known, true]);
  await rememberAnswers(async () => ({ answers: [], gone: Object.keys(known), more: false }));
  expect([await rememberedVersions(), await isRemembered('/api/students/a')]).toEqual([{}, false]);
});

it('keeps nothing of somebody who went while it was on its way', async () => {
  await rememberAnswers(async () => {
    forgetRememberedAnswers();
    return fresh('1');
  });
  expect(await rememberedVersions()).toEqual({});
});
