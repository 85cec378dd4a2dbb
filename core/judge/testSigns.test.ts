import { CAUSES, SIGNS } from './knowledge';
import { testSigns } from './testSigns';

describe('what a test says', () => {
  it.each<[string, object, Record<string, boolean>]>([
    ['tip-raise', { angleDeg: 40, part: 'little' }, { littleGives: true, thumbGives: false }],
    ['tip-raise', { angleDeg: 0 }, { littleGives: false, thumbGives: false }],
    ['tip-raise', { downToDeg: 0 }, { littleGives: false, thumbGives: false }],
    ['tip-raise', { downToDeg: 45 }, {}],
    ['tip-raise', { downToDeg: 45, part: 'thumb' }, { littleGives: false, thumbGives: true }],
    ['tip-raise', {}, {}],
    ['finger-lifts', { clean: 5, part: 'ring' }, { fingersDrag: true }],
    ['finger-lifts', { clean: 8 }, { fingersDrag: false }],
    ['finger-lifts', { clean: 7 }, {}],
    ['thumb-release', { clean: 3 }, { thumbMuscleHard: true }],
    ['thumb-release', { clean: 6 }, {}],
    ['thumb-release', { clean: 8 }, { thumbMuscleHard: false }],
    ['pendulum', { seconds: 10, part: 'index' }, { indexTight: true }],
    ['fewer-fingers', { answers: { thumbStaysBent: 'no' } }, { thumbGives: true }],
    [
      'even-weight',
      { answers: { heaviest: 'index' } },
      { weightOnIndex: true, weightOnLittle: false },
    ],
    ['squeeze', { answers: { squeeze: 'hard' } }, { handSqueezes: true }],
    ['squeeze', { answers: { squeeze: 'firm' } }, {}],
    ['squeeze', { answers: { squeeze: 'soft' } }, { handSqueezes: false }],
    ['string-nudge', { answers: { fingers: 'moving' } }, { fingersMoveInLean: true }],
    ['wall', { answers: { arm: 'leaves', path: 'skewed' } }, { armLeavesWall: true }],
    ['stop-and-look', {}, {}],
  ])('%s with %j', (test, result, signs) => expect(testSigns({ test, result })).toEqual(signs));

  it('a hold that lands elsewhere each time is not settled; four times tell nothing', () => {
    const at = (...thumbs: number[]) =>
      testSigns({
        test: 're-form',
        result: {
          placements: thumbs.map((thumb) => ({
            seconds: 4,
            xMm: { thumb, index: 26, middle: 6, ring: -9, little: -27 },
          })),
        },
      });
    expect(at(-8, 4, 12, -5, 9)).toEqual({ placesScatter: true });
    expect(at(1, 2, 1, 2, 3)).toEqual({ placesScatter: false });
    expect(at(-8, 4, 12, -5)).toEqual({});
  });

  it('names only signs that there are, each of them of some cause', () => {
    const told = SIGNS.filter(({ from }) => 'test' in from).map(({ id }) => id);
    const explained = CAUSES.flatMap(({ signs }) => signs.map(({ sign }) => sign));
    expect(explained).toEqual(expect.arrayContaining(told));
  });
});
