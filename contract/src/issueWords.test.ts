import { z } from 'zod';
import type { IssueCode } from '@open-palm/core/issue';
import { describeIssue } from './issueWords';
import { issuesFromZod } from './zodIssues';

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

describe('issuesFromZod', () => {
  it('gives every fault with its path', () => {
    const schema = z.object({ hand: z.array(z.object({ x: z.number() })), view: z.string() });
    const result = schema.safeParse({ hand: [{ x: 1 }, { x: 'two' }] });
    expect(issuesFromZod(result.error!, 'file').map((issue) => issue.where)).toEqual([
      'hand[1].x',
      'view',
    ]);
  });

  it('calls the whole by its own name', () => {
    const result = z.object({}).safeParse(3);
    expect(issuesFromZod(result.error!, 'file')[0]!.where).toBe('file');
  });
});
