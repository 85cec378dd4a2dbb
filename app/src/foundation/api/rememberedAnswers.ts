import type { Remember } from '@open-palm/contract';
import { studioNow } from './clock';

/** Where the service worker keeps the studio's last answers. */
const REMEMBERED_ANSWERS = 'studio-answers';

/** In which version the studio gave an answer that was fetched to be remembered; one that a screen asked for has none. */
const VERSION = 'x-open-palm-version';

/** Grows when everything is forgotten: what is still on its way then is not kept. */
let forgotten = 0;

/** Forgets what this device remembers of students. */
export function forgetRememberedAnswers(): void {
  forgotten += 1;
  if (typeof caches !== 'undefined') void caches.delete(REMEMBERED_ANSWERS).catch(() => false);
}

const opened = (): Promise<Cache | null> =>
  typeof caches === 'undefined'
    ? Promise.resolve(null)
    : caches.open(REMEMBERED_ANSWERS).catch(() => null);

const pathOf = ({ url }: Request): string => {
  const { pathname, search } = new URL(url);
  return pathname + search;
};

/** What this device remembers answers to. */
export async function rememberedPaths(): Promise<string[]> {
  const cache = await opened();
  return cache === null ? [] : (await cache.keys()).map(pathOf);
}

/** Forgets the answers to some of it. */
export async function forgetAnswersAbout(isAbout: (path: string) => boolean): Promise<void> {
  const cache = await opened();
  if (cache === null) return;
  for (const request of await cache.keys()) {
    if (isAbout(pathOf(request))) await cache.delete(request);
  }
}

/** The versions of what this device remembers, by path. */
export async function rememberedVersions(): Promise<Record<string, string>> {
  const cache = await opened();
  const versions: Record<string, string> = {};
  for (const request of (await cache?.keys()) ?? []) {
    const version = (await cache?.match(request))?.headers.get(VERSION);
    if (version) versions[pathOf(request)] = version;
  }
  return versions;
}

/** Whether an answer is remembered at all, in whichever version. */
export const isRemembered = async (path: string): Promise<boolean> =>
  (await (await opened())?.match(path)) !== undefined;

/**
 * Keeps answers that were fetched to be remembered, unless all were forgotten since they were asked for.
 *
 * @param ask fetches them
 */
export async function rememberAnswers(ask: () => Promise<Remember>): Promise<Remember> {
  const turn = forgotten;
  const fresh = await ask();
  const cache = await opened();
  const headers = { 'Content-Type': 'application/json', Date: studioNow().toUTCString() };
  for (const { paths, version, body } of fresh.answers) {
    for (const path of paths) {
      if (turn !== forgotten) return fresh;
      await cache?.put(path, new Response(body, { headers: { ...headers, [VERSION]: version } }));
    }
  }
  for (const path of fresh.gone) await cache?.delete(path);
  return fresh;
}
