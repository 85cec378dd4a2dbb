import { bench, take } from './testing/engineBench';

describe('what a person makes', () => {
  it('is gathered where more of the same is to come, and sent in one request', async () => {
    const { engine, sent, later, dueInMs } = bench(() => ({ kind: 'kept' }));
    const edit = { ...take('moving'), withinMs: 20_000 };
    await engine.write(edit);
    await later(15_000);
    await engine.write(edit);
    expect([sent.length, dueInMs()]).toEqual([0, 5_000]);
    await later(5_000);
    expect(sent).toHaveLength(1);
    expect(engine.contents()).toEqual([]);
    // Whoever leaves does not wait for it.
    await engine.write(edit);
    await engine.hurry();
    expect(sent).toHaveLength(2);
  });
});
