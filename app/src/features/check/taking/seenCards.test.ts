import { CARDS, cardsFor, explainedViews, rememberExplained } from './seenCards';

describe('what is explained before a picture', () => {
  it('is everything at the first use, then nothing, from whichever side', () => {
    expect(cardsFor([])).toEqual(CARDS);
    expect(cardsFor(['finger-side'])).toEqual([]);
  });

  it('is explained again where the browser remembers nothing or nonsense', () => {
    const kept = new Map<string, string>();
    const storage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    };
    const world = globalThis as unknown as { localStorage?: unknown };
    world.localStorage = storage;
    expect(explainedViews()).toEqual([]);
    rememberExplained('profile');
    rememberExplained('profile');
    expect(explainedViews()).toEqual(['profile']);
    kept.forEach((_, key) => kept.set(key, '{'));
    expect(explainedViews()).toEqual([]);
    delete world.localStorage;
    expect(explainedViews()).toEqual([]);
    expect(() => rememberExplained('front')).not.toThrow();
  });
});
