import { drillsOf } from './drillsOf';

describe('drillsOf', () => {
  const cause = { drills: ['tip-raise', 'thumb-release'] };

  it('takes off what loads the little finger while something hurts, and only then', () => {
    expect(drillsOf(cause, false)).toEqual(['tip-raise', 'thumb-release']);
    expect(drillsOf(cause, true)).toEqual(['thumb-release']);
  });
});
