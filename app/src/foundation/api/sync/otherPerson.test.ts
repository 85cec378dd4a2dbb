import { memoryStore } from './entryStore';
import { bench, DEVICE, note } from './testing/engineBench';

describe('what somebody else made on the same device', () => {
  it('is neither shown nor sent under another name, is not lost, and goes when its maker is back', async () => {
    let isThere = false;
    const { engine, sent, otherPerson, later } = bench(() =>
      isThere ? { kind: 'kept' } : { kind: 'unknown' },
    );
    await otherPerson('maren');
    await engine.write(note('a'));
    await engine.send();
    sent.length = 0;
    isThere = true;
    await otherPerson('ewan');
    expect(engine.contents()).toEqual([]);
    expect(engine.elsewhere()).toMatchObject([{ id: 'a', author: 'maren' }]);
    await later(600_000);
    expect(sent).toEqual([]);
    await otherPerson('maren');
    await later(600_000);
    expect(sent).toMatchObject([{ id: 'a', author: 'maren' }]);
    expect(engine.elsewhere()).toEqual([]);
  });

  it('stays where nobody is signed in, and what was made before anybody had a name is sent by anybody', async () => {
    const older = { ...note('a'), pictures: [], edit: 'e', after: [], basedOn: 0, madeBy: DEVICE };
    const kept = {
      ...older,
      studio: 'studio-a',
      at: '2026-03-01T10:00:00Z',
      tries: 0,
      notBefore: 0,
    };
    const { engine, sent, otherPerson } = bench(
      () => ({ kind: 'kept' }),
      memoryStore([['1', kept]]),
    );
    await otherPerson('maren');
    await engine.send();
    expect(sent).toMatchObject([{ id: 'a', author: null }]);
    expect(engine.contents()).toEqual([]);
  });
});
