import { z } from 'zod';
import { problemIn, problemText } from '@open-palm/core/problem';
import { issuesFromZod, problemMessage, schemaProblem } from './zodIssues';
import { checkInputSchema, logEntrySchema, studentInputSchema, takeInputSchema } from './index';

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

const problemsOf = (schema: z.ZodType, value: unknown) =>
  schema.safeParse(value).error!.issues.map(schemaProblem);

describe('schemaProblem', () => {
  it.each<[string, z.ZodType, unknown, unknown]>([
    ['what is missing', z.string(), undefined, { code: 'missing', params: { kind: 'string' } }],
    ['no number', z.number(), 'two', { code: 'notANumber', params: {} }],
    ['no whole number', z.int(), 1.5, { code: 'notWhole', params: {} }],
    ['none of a list', z.enum(['a', 'b']), 'c', { code: 'notOneOf', params: { known: 'a, b' } }],
    ['too low', z.number().min(2), 1, { code: 'tooLow', params: { least: 2 } }],
    ['not above', z.number().positive(), 0, { code: 'notAbove', params: { least: 0 } }],
    ['too high', z.number().max(2), 3, { code: 'tooHigh', params: { most: 2 } }],
    ['an empty text', z.string().min(1), '', { code: 'empty', params: {} }],
    ['a long text', z.string().max(2), 'abc', { code: 'tooLong', params: { most: 2 } }],
    ['too many', z.array(z.number()).max(1), [1, 2], { code: 'tooMany', params: { most: 1 } }],
    [
      'unknown parts',
      z.strictObject({}),
      { x: 1 },
      { code: 'unknownParts', params: { names: 'x' } },
    ],
    ['no known kind', z.union([z.string(), z.number()]), true, { code: 'noKnownKind', params: {} }],
    [
      'its own',
      z.string().regex(/^a/, problemText('clockTime')),
      'b',
      { code: 'clockTime', params: {} },
    ],
  ])('tells %s', (_what, schema, value, problem) => {
    expect(problemsOf(schema, value)).toEqual([problem]);
  });

  it('says something of its own of whatever is wrong with what is sent', () => {
    for (const schema of [checkInputSchema, logEntrySchema, studentInputSchema, takeInputSchema]) {
      for (const value of [undefined, 3, {}, { kind: 'promise' }, { name: '', setups: [] }]) {
        const codes = problemsOf(schema, value).map(({ code }) => code);
        expect(codes.length).toBeGreaterThan(0);
        expect(codes).not.toContain('notRight');
      }
    }
  });
});

describe('problemMessage', () => {
  it('is a message that reads back as the problem, and leaves a schema’s own alone', () => {
    const schema = z.object({
      year: z.number().min(1900),
      at: z.string().max(3, problemText('date')),
    });
    const result = schema.safeParse({ year: 3, at: 'long' }, { error: problemMessage });
    expect(result.error!.issues.map(({ message }) => problemIn(message))).toEqual([
      { code: 'tooLow', params: { least: 1900 } },
      { code: 'date' },
    ]);
  });
});
