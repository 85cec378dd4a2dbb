import { memoryStore } from './entryStore';
import { bench, note, problem } from './testing/engineBench';

describe('reading what this device holds', () => {
  it('writes nothing of what is as it should be', async () => {
    const store = memoryStore();
    const { engine } = bench(() => ({ kind: 'unknown' }), store);
    await engine.write(note('a'));
    let writes = 0;
    const { change } = store;
    store.change = (...of) => {
      writes += 1;
      return change(...of);
    };
    await engine.refresh();
    expect(writes).toBe(0);
  });

  it('shows what was read last, though an earlier reading comes later', async () => {
    const store = memoryStore();
    const { engine } = bench(() => problem(400), store);
    const { all } = store;
    // The first reading of an empty device is held up until everything else is over.
    let release: () => void = () => undefined;
    const held = new Promise<void>((resolve) => (release = resolve));
    const before = await all();
    store.all = async () => {
      store.all = all;
      await held;
      return before;
    };
    const early = engine.refresh();
    await engine.write(note('a'));
    await engine.send();
    release();
    await early;
    expect(engine.contents()).toMatchObject([{ id: 'a', stop: { status: 400 } }]);
    // What a person discards in that moment is gone.
    await engine.discard({ kind: 'log', id: 'a' });
    expect(await all()).toEqual([]);
  });
});
