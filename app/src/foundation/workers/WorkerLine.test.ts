import { expose } from 'comlink';
import { WorkerGone, WorkerLine } from './WorkerLine';

/** Two ends of a wire: what one posts arrives at the other a moment later, as between a page and its worker. */
class End extends EventTarget {
  other!: End;
  isCut = false;
  terminate = jest.fn(() => {
    this.isCut = true;
  });
  postMessage(data: unknown): void {
    queueMicrotask(() => {
      if (!this.isCut && !this.other.isCut) this.other.dispatchEvent(message(data));
    });
  }
  start(): void {}
}
const message = (data: unknown) => Object.assign(new Event('message'), { data, origin: '' });

interface Api {
  double(n: number): Promise<number>;
  fail(): Promise<number>;
  never(): Promise<number>;
}

function open(silentMs = 1000) {
  const [page, worker] = [new End(), new End()];
  page.other = worker;
  worker.other = page;
  const api: Api = {
    double: async (n) => 2 * n,
    fail: async () => {
      throw new Error('no such thing');
    },
    never: () => new Promise(() => undefined),
  };
  expose(api, worker as never);
  return { page, line: new WorkerLine<Api>(page as unknown as Worker, { silentMs }) };
}

describe('a line to a worker', () => {
  it('answers each question with its own answer, and tells what the worker itself refused', async () => {
    const { line } = open();
    const both = [line.ask((api) => api.double(2)), line.ask((api) => api.double(21))];
    expect(await Promise.all(both)).toEqual([4, 42]);
    await expect(line.ask((api) => api.fail())).rejects.toThrow('no such thing');
    expect(line.gone).toBeNull();
  });

  it('tells the share on the way, and none after the answer', async () => {
    const { line } = open();
    const shares: number[] = [];
    let late = (_: number) => undefined as void;
    const answer = line.askTelling(
      (share) => shares.push(share),
      async (api, onShare) => {
        onShare(0.5);
        late = onShare;
        return api.double(1);
      },
    );
    expect(await answer).toBe(2);
    late(1);
    expect(shares).toEqual([0.5]);
  });

  it.each([
    ['error', 'broken'],
    ['messageerror', 'unreadable'],
  ])('refuses what is open and what comes after an %s', async (event, why) => {
    const { page, line } = open();
    const open1 = line.ask((api) => api.never());
    page.dispatchEvent(new Event(event));
    await expect(open1).rejects.toMatchObject({ why });
    await expect(line.ask((api) => api.double(1))).rejects.toMatchObject({ why });
    expect(page.terminate).toHaveBeenCalledTimes(1);
  });

  it('refuses what is open when it is closed', async () => {
    const { line } = open();
    const asked = line.ask((api) => api.never());
    line.close();
    await expect(asked).rejects.toEqual(new WorkerGone('closed'));
    expect(line.gone).toBe('closed');
  });

  it('waits for a worker that is heard, and no longer for one that is silent', async () => {
    jest.useFakeTimers({ doNotFake: ['queueMicrotask'] });
    const { page, line } = open(1000);
    const asked = line.ask((api) => api.never());
    const refused = expect(asked).rejects.toMatchObject({ why: 'silent' });
    jest.advanceTimersByTime(900);
    page.dispatchEvent(message({ id: 'something else' }));
    jest.advanceTimersByTime(900);
    expect(line.gone).toBeNull();
    jest.advanceTimersByTime(200);
    await refused;
    jest.useRealTimers();
  });

  it('may be silent as long as it likes while nobody asks', () => {
    jest.useFakeTimers();
    const { line } = open(1000);
    jest.advanceTimersByTime(100_000);
    expect(line.gone).toBeNull();
    jest.useRealTimers();
  });
});
