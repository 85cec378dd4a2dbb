import { act, renderHook } from '@testing-library/react-native';
import { remembered } from './remembered';

const WAYS = ['camera', 'tap'] as const;

/** A browser's storage of the test's own; null for one that keeps nothing. */
function storage(kept: Map<string, string> | null) {
  const refuse = () => {
    throw new Error('no storage');
  };
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: kept
      ? {
          getItem: (key: string) => kept.get(key) ?? null,
          setItem: (key: string, value: string) => kept.set(key, value),
        }
      : { getItem: refuse, setItem: refuse },
  });
}
afterEach(() => Reflect.deleteProperty(globalThis, 'localStorage'));

it('is the usual one until something was chosen, and what was chosen on the next visit', () => {
  const kept = new Map<string, string>();
  storage(kept);
  const first = remembered('way', WAYS, 'camera');
  expect(first.get()).toBe('camera');
  first.set('tap');
  expect(kept).toEqual(new Map([['way', 'tap']]));
  expect(remembered('way', WAYS, 'camera').get()).toBe('tap');
});

it('takes nothing that is no choice of this program', () => {
  storage(new Map([['way', 'by ear']]));
  expect(remembered('way', WAYS, 'camera').get()).toBe('camera');
});

it('is shown anew wherever it is shown, also without storage', () => {
  storage(null);
  const way = remembered('way', WAYS, 'camera');
  const { result } = renderHook(() => [way.use(), way.use()] as const);
  act(() => result.current[0][1]('tap'));
  expect(result.current.map(([chosen]) => chosen)).toEqual(['tap', 'tap']);
});
