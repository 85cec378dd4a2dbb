import { cueLadder } from './cueLadder';

const cause = { cues: ['a', 'b', 'c'] };
const came = (cue: string, ...worked: boolean[]) => worked.map((w) => ({ cue, worked: w }));

describe('cueLadder', () => {
  it('begins in its own order', () => {
    expect(cueLadder(cause, [])).toEqual(['a', 'b', 'c']);
  });

  it('goes by the mean of Beta(1, 1): what worked comes forward, what did not goes back', () => {
    // a: 1/3, b: 2/3, c: untried 1/2.
    expect(cueLadder(cause, [...came('a', false), ...came('b', true)])).toEqual(['b', 'c', 'a']);
  });

  it('puts the teacher’s own words last until they worked once, then first', () => {
    expect(cueLadder(cause, [], ['mine'])).toEqual(['a', 'b', 'c', 'mine']);
    const often = came('b', true, true, true);
    expect(cueLadder(cause, [...often, ...came('mine', true, false)], ['mine'])[0]).toBe('mine');
    expect(cueLadder(cause, [...often, ...came('mine', false)], ['mine'])[0]).toBe('b');
  });
});
