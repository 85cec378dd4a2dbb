import { clockFace, minutesWords } from './clock';
import { daysWithBow, hurtOf, turnsOn, withFelt, withoutLast, withTurn } from './cardLog';
import { browserStore, type KeptCard } from './store';

const EMPTY: KeptCard = { v: 1, card: 'abc', entries: [] };
const drill = { drill: 'thumb-release', stage: 1 };
const came = { result: 'done' as const, seconds: 59.6 };

describe('what a card notes', () => {
  it('counts turns of a day, takes the last one back, and tells how the day felt', () => {
    const one = withTurn(EMPTY, '2026-11-03', drill, came);
    const two = withTurn(one, '2026-11-03', drill, { ...came, result: 'hard' });
    expect(turnsOn(two, '2026-11-03', 'thumb-release')).toMatchObject([
      { turn: 1, seconds: 60, result: 'done' },
      { turn: 2, result: 'hard' },
    ]);
    expect(turnsOn(two, '2026-11-04', 'thumb-release')).toEqual([]);
    expect(withoutLast(two, '2026-11-03', 'thumb-release')).toEqual(one);
    const next = withTurn(two, '2026-11-04', drill, came);
    expect(withFelt(next, '2026-11-03', 'easy').entries.map(({ felt }) => felt)).toEqual([
      'easy',
      'easy',
      undefined,
    ]);
    expect(daysWithBow(next)).toBe(2);
  });

  it('knows that something hurts, and a day on which it did is none with the bow', () => {
    const hurt = withTurn(EMPTY, '2026-11-03', drill, { result: 'hurt', seconds: 0 });
    expect(hurtOf(EMPTY)).toBeNull();
    expect(hurtOf(hurt)).toMatchObject({ day: '2026-11-03' });
    expect(daysWithBow(hurt)).toBe(0);
  });
});

describe('the clock of a turn', () => {
  it('counts down, and never below nothing', () => {
    expect(clockFace(60, 0.4, null)).toEqual({ left: 60, isHolding: true });
    expect(clockFace(60, 59.1, null)).toEqual({ left: 1, isHolding: true });
    expect(clockFace(60, 75, null)).toEqual({ left: 0, isHolding: true });
    expect(minutesWords(65)).toBe('1:05');
  });

  it('rests as long as it holds where the little finger is loaded', () => {
    const holds = [0, 19, 20, 39, 40].map((s) => clockFace(60, s, 20).isHolding);
    expect(holds).toEqual([true, true, false, false, true]);
  });
});

describe('where a card keeps its log', () => {
  const memory = () => {
    const kept = new Map<string, string>();
    return {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    } as Storage;
  };

  it('finds it again under its plan, and not under another', () => {
    const storage = memory();
    const written = withTurn(EMPTY, '2026-11-03', drill, came);
    expect(browserStore('a', () => storage).write(written)).toBe(true);
    expect(browserStore('a', () => storage).read()).toEqual(written);
    expect(browserStore('b', () => storage).read().entries).toEqual([]);
  });

  it('says when nothing is kept, and goes on as long as it is open', () => {
    const store = browserStore('a', () => null);
    const written = withTurn(store.read(), '2026-11-03', drill, came);
    expect(store.write(written)).toBe(false);
    expect(store.read()).toEqual(written);
    const full = browserStore('a', () => {
      throw new Error('denied');
    });
    expect(full.read().entries).toEqual([]);
    expect(full.write(written)).toBe(false);
  });

  it('begins anew where what is kept cannot be read', () => {
    const storage = memory();
    storage.setItem('open-palm-card/a', '{"v":1,"entries":7}');
    expect(browserStore('a', () => storage).read().entries).toEqual([]);
  });
});
