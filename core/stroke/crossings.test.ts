import { crossingDrill, crossingFindings, levelsOf, stringsOf, type ElbowLevel } from './crossings';

const seen = (strings: readonly string[], elbows: readonly (ElbowLevel | null)[]) =>
  strings.map((string, i) => ({ string, elbow: elbows[i]! }));

describe('the levels of the strings', () => {
  it('fall from the lowest string on violin and viola, and rise on cello and bass', () => {
    expect(levelsOf('violin', 4)).toEqual([3, 2, 1, 0]);
    expect(levelsOf('viola', 4)).toEqual([3, 2, 1, 0]);
    expect(levelsOf('cello', 4)).toEqual([0, 1, 2, 3]);
    expect(levelsOf('bass', 5)).toEqual([0, 1, 2, 3, 4]);
  });

  it('are four, and five on a five-string bass only', () => {
    expect(stringsOf('bass', true)).toEqual(['B', 'E', 'A', 'D', 'G']);
    expect(stringsOf('cello', true)).toHaveLength(4);
  });

  it('are all played in a drill, up and down, the ends once', () => {
    expect(crossingDrill(4)).toEqual([0, 1, 2, 3, 2, 1]);
    expect(crossingDrill(5)).toEqual([0, 1, 2, 3, 4, 3, 2, 1]);
  });
});

describe('crossingFindings', () => {
  const violin = stringsOf('violin');

  it('is content with an elbow that is level on every string', () => {
    const level = seen(violin, ['level', 'level', 'level', 'level']);
    expect(crossingFindings('violin', level)).toEqual([{ code: 'follows' }]);
  });

  it('tells an elbow that keeps one level, by the order of the instrument', () => {
    const kept: ElbowLevel[] = ['dropped', 'level', 'level', 'raised'];
    expect(crossingFindings('violin', seen(violin, kept))).toEqual([
      { code: 'notUp', strings: ['G'] },
      { code: 'staysUp', strings: ['E'] },
    ]);
    // The same arm on a cello: dropped on its lowest, raised on its highest string is no kept level.
    expect(crossingFindings('cello', seen(stringsOf('cello'), kept))).toEqual([
      { code: 'dropped', strings: ['C'] },
      { code: 'raised', strings: ['A'] },
    ]);
  });

  it('names what was not looked at', () => {
    expect(crossingFindings('violin', seen(violin, ['level', null, 'level', null]))).toEqual([
      { code: 'notSeen', strings: ['D', 'E'] },
    ]);
  });
});
