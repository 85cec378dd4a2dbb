import { memoryStore } from './entryStore';
import { bench, DEVICE, note } from './testing/engineBench';

describe('what was made for another studio that stood at this address', () => {
  it('is neither shown nor sent here, is not lost, and goes to its own when that answers again', async () => {
    let isThere = false;
    const { engine, sent, otherStudio, later } = bench(() =>
      isThere ? { kind: 'kept' } : { kind: 'unknown' },
    );
    await engine.write(note('a'));
    await engine.send();
    expect(engine.contents()).toMatchObject([{ id: 'a', studio: 'studio-a' }]);
    sent.length = 0;
    isThere = true;
    await otherStudio('studio-b');
    expect(engine.contents()).toEqual([]);
    expect(engine.elsewhere()).toMatchObject([{ id: 'a' }]);
    await later(600_000);
    expect(sent).toEqual([]);
    // The same thing under the same id is another one here: a studio may be a copy of the other.
    await engine.write(note('a', 'Longer nails'));
    await engine.send();
    expect(sent).toMatchObject([{ id: 'a', studio: 'studio-b', after: [] }]);
    await otherStudio('studio-a');
    expect(engine.elsewhere()).toEqual([]);
    await later(600_000);
    expect(sent).toMatchObject([{ studio: 'studio-b' }, { studio: 'studio-a' }]);
    expect(engine.contents()).toEqual([]);
  });

  it('is taken for this one’s where it was made before studios had ids', async () => {
    const older = { ...note('a'), pictures: [], edit: 'e', after: [], basedOn: 0, madeBy: DEVICE };
    const { engine, sent } = bench(
      () => ({ kind: 'kept' }),
      memoryStore([['1', { ...older, at: '2026-03-01T10:00:00Z', tries: 0, notBefore: 0 }]]),
    );
    await engine.send();
    expect(sent).toMatchObject([{ id: 'a', studio: null }]);
    expect(engine.contents()).toEqual([]);
  });
});
