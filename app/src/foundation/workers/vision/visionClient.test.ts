import { expose } from 'comlink';
import { NoVision, VisionClient } from './visionClient';

/** A worker whose finder opens at once, and never finds anything before it is broken. */
class FakeWorker extends EventTarget {
  static last: FakeWorker;
  readonly inside = new EventTarget();
  constructor() {
    super();
    FakeWorker.last = this;
    const end = Object.assign(this.inside, {
      postMessage: (data: unknown) => this.dispatchEvent(message(data)),
      start: () => undefined,
    });
    expose({ open: async () => null, find: () => new Promise(() => undefined) }, end as never);
  }
  postMessage(data: unknown): void {
    queueMicrotask(() => this.inside.dispatchEvent(message(data)));
  }
  terminate(): void {}
}
/** The wire on which shares would come: a real one would keep the tests from ending. */
class FakeChannel {
  readonly port1 = new FakePort();
  readonly port2 = new FakePort();
}
/** What is let go posts a last word, whenever memory is cleared: later tests must not hear of it. */
class FakePort extends EventTarget {
  start(): void {}
  postMessage(): void {}
  close(): void {}
}
const message = (data: unknown) => Object.assign(new Event('message'), { data, origin: '' });
const picture = { url: 'a', blob: {} as Blob };

beforeEach(() => {
  Object.assign(globalThis, {
    Worker: FakeWorker,
    MessageChannel: FakeChannel,
    fetch: jest.fn(async () => ({ ok: true, json: async () => ({ worker: '/w.js' }) })),
  });
});

describe('the hand finder', () => {
  it('finds nothing when its worker breaks, says that it is broken, and is opened anew', async () => {
    const vision = new VisionClient();
    await vision.open(() => undefined);
    const first = FakeWorker.last;
    const looked = vision.find(picture, 'right');
    expect(vision.isBroken).toBe(false);
    first.dispatchEvent(new Event('error'));
    expect(await looked).toEqual({ outcome: 'noHand' });
    expect(vision.isBroken).toBe(true);
    await vision.open(() => undefined);
    expect(FakeWorker.last).not.toBe(first);
    expect(vision.isBroken).toBe(false);
  });

  it('leaves nobody waiting when it is closed, and is not called broken then', async () => {
    const vision = new VisionClient();
    await vision.open(() => undefined);
    const looked = vision.find(picture, 'right');
    vision.close();
    expect(await looked).toEqual({ outcome: 'noHand' });
    expect(vision.isBroken).toBe(false);
  });

  it('is not there without its files', async () => {
    Object.assign(globalThis, { fetch: jest.fn(async () => Promise.reject(new TypeError())) });
    await expect(new VisionClient().open(() => undefined)).rejects.toBeInstanceOf(NoVision);
  });
});
