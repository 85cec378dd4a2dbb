import type { IssueCode } from '@open-palm/core/issue';
import { PROBLEM_CODES } from '@open-palm/core/problem';
import { describeIssue, describeProblem } from './describe';

describe('describeIssue', () => {
  it('names the place by its path and by the point that it leads to', () => {
    expect(describeIssue({ code: 'notANumber', where: 'hand[4]' })).toBe(
      'hand[4] (thumb tip) has a coordinate that is not a number.',
    );
    expect(
      describeIssue({
        code: 'coincidentPoints',
        where: 'captures[0] hand[8]',
        params: { other: 'hand[7]' },
      }),
    ).toBe(
      'captures[0] hand[8] (index tip) lies on the same spot as hand[7] (index dip). Move one of the two.',
    );
  });

  it.each<[IssueCode, Record<string, string | number>, RegExp]>([
    ['unknownHold', { id: 'banjo', known: 'violin-shallow' }, /"banjo".*violin-shallow/],
    ['nonPositiveFrogLength', { value: -46 }, /longer than 0 mm; it is -46/],
    ['implausibleJoint', { value: 171 }, /171°/],
    ['pointOutsidePicture', { x: 9, y: 8, width: 4, height: 3 }, /9, 8.*4 × 3/],
  ])('tells the figures of %s', (code, params, words) => {
    expect(describeIssue({ code, where: 'x', params })).toMatch(words);
  });
});

describe('describeProblem', () => {
  it.each(PROBLEM_CODES.filter((code) => code !== 'issue'))(
    'has words for %s that follow a place',
    (code) => {
      const text = describeProblem({ code, params: {} });
      expect(text).toMatch(/^\S.*[^.]$/);
    },
  );

  it('tells what is wrong with a value of its kind like any other problem', () => {
    expect(
      describeProblem({
        code: 'issue',
        params: { issue: 'bandUpsideDown', at: 'band', lo: 3, hi: 2 },
      }),
    ).toBe('band: the band begins at 3, which is not below its end at 2');
  });

  it('tells a schema’s problem after the place where it stands', () => {
    const params = { problem: 'notOneOf', known: 'violin, viola' };
    expect(describeIssue({ code: 'malformed', where: 'instrument', params })).toBe(
      'instrument: is none of violin, viola.',
    );
  });
});
