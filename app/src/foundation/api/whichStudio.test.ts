import { currentStudio, isOfThisStudio, noteStudio, onOtherStudio } from './whichStudio';

/** One life of the page after the other: the first answer, the next ones, another studio. */
it('knows the studio that answers, and forgets what it remembers of another', async () => {
  const forgotten: string[] = [];
  globalThis.caches = {
    delete: async (name: string) => {
      forgotten.push(name);
      return true;
    },
  } as never;
  let others = 0;
  onOtherStudio(() => (others += 1));
  expect(currentStudio()).toBeNull();
  // Before any has answered nothing can be told apart.
  expect(isOfThisStudio('a')).toBe(true);
  noteStudio('a');
  noteStudio(null);
  noteStudio('a');
  expect([currentStudio(), others, forgotten]).toEqual(['a', 0, []]);
  expect([isOfThisStudio('a'), isOfThisStudio('b'), isOfThisStudio(null)]).toEqual([
    true,
    false,
    true,
  ]);
  noteStudio('b');
  expect([currentStudio(), others, forgotten]).toEqual(['b', 1, ['studio-answers']]);
  expect([isOfThisStudio('a'), isOfThisStudio('b')]).toEqual([false, true]);
});
