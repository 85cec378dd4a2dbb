import { createDelays, TooSoon } from './delays';

const WHO = ['machine'];
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** Seconds that the next try has to wait; 0 when it need not. */
const waitAfter = async (delays: ReturnType<typeof createDelays>): Promise<number> =>
  delays.mayTry(WHO).then(
    () => 0,
    (error: TooSoon) => error.seconds,
  );

it('waits twice as long after each mistake past the third, up to five minutes', async () => {
  const delays = createDelays();
  const waits: number[] = [];
  for (let i = 0; i < 13; i++) {
    await delays.noteMistake(WHO);
    const seconds = await waitAfter(delays);
    waits.push(seconds);
    jest.advanceTimersByTime(seconds * 1000 + 1);
  }
  expect(waits).toEqual([0, 0, 0, 2, 4, 8, 16, 32, 64, 128, 256, 300, 300]);
});

it('holds nothing against who gets it right, or against somebody else', async () => {
  const delays = createDelays();
  for (let i = 0; i < 5; i++) await delays.noteMistake(WHO);
  expect(await waitAfter(delays)).toBeGreaterThan(0);
  await expect(delays.mayTry(['phone'])).resolves.toBeUndefined();
  await delays.forget(WHO);
  expect(await waitAfter(delays)).toBe(0);
});
