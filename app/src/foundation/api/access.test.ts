import { loadAccess } from './access';
import { currentAccess } from './accessState';

const answer = (standing: string) => ({
  ok: true,
  status: 200,
  headers: new Headers(),
  json: () =>
    Promise.resolve({
      standing,
      me: null,
      hasPassphrase: false,
      people: [],
      device: null,
      isLocal: false,
      origins: [],
      settings: null,
    }),
});

it('asks one question after the other: what was asked first never comes last', async () => {
  const releases: ((standing: string) => void)[] = [];
  const asked = jest.fn(
    () => new Promise((resolve) => releases.push((standing) => resolve(answer(standing)))),
  );
  global.fetch = asked as never;
  const [first, second] = [loadAccess(), loadAccess()];
  await Promise.resolve();
  expect(asked).toHaveBeenCalledTimes(1);
  releases[0]!('asks');
  await first;
  await Promise.resolve();
  expect(asked).toHaveBeenCalledTimes(2);
  releases[1]!('out');
  await second;
  expect(currentAccess()?.standing).toBe('out');
});

it('goes on after a question that failed', async () => {
  global.fetch = (() => Promise.reject(new TypeError('gone'))) as never;
  await expect(loadAccess()).rejects.toThrow();
  global.fetch = (() => Promise.resolve(answer('open'))) as never;
  expect((await loadAccess()).standing).toBe('open');
});
