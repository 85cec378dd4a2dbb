/** Where the service worker keeps the studio's last answers. */
const REMEMBERED_ANSWERS = 'studio-answers';

/** Forgets what this device remembers of students. */
export function forgetRememberedAnswers(): void {
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
