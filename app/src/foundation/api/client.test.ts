import { z } from 'zod';
import { ApiProblem, ask, put } from './client';
import { studioNow } from './clock';
import { isReachable } from './reach';

const schema = z.object({ n: z.number() });
const answer = (status: number, body: unknown, headers: Record<string, string> = {}) => ({
  ok: status < 400,
  status,
  headers: { get: (name: string) => headers[name.toLowerCase()] ?? null },
  json: async () => {
    if (body === undefined) throw new SyntaxError('no JSON');
    return body;
  },
});
const fetched = jest.fn();
beforeEach(() => {
  fetched.mockReset();
  globalThis.fetch = fetched as never;
});

const problem = async (asked: Promise<unknown>): Promise<ApiProblem> => {
  const told = await asked.catch((error: unknown) => error);
  expect(told).toBeInstanceOf(ApiProblem);
  return told as ApiProblem;
};

describe('asking the studio', () => {
  it('gives what the schema lets through, and says which build asks', async () => {
    fetched.mockResolvedValue(answer(200, { n: 1, more: true }));
    expect(await put(schema, '/api/x', { a: 2 })).toEqual({ n: 1 });
    const [path, init] = fetched.mock.calls[0]!;
    expect(path).toBe('/api/x');
    expect(init).toMatchObject({ method: 'PUT', body: '{"a":2}' });
    expect(Object.keys(init.headers)).toEqual(['Content-Type', 'Open-Palm-Build']);
  });

  it('says of a write for which studio it is meant, once one has answered', async () => {
    fetched.mockResolvedValue(answer(200, { n: 1 }, { 'open-palm-studio': 'a' }));
    await ask(schema, '/api/x');
    await ask(schema, '/api/x');
    await put(schema, '/api/x', { a: 2 });
    const sent = fetched.mock.calls.map(([, init]) => init.headers['Open-Palm-Studio']);
    expect(sent).toEqual([undefined, undefined, 'a']);
  });

  it('tells that the studio does not answer, until it does again', async () => {
    fetched.mockRejectedValueOnce(new TypeError('failed to fetch'));
    expect(await problem(ask(schema, '/api/x'))).toMatchObject({ status: 0, isUnreadable: true });
    expect(isReachable()).toBe(false);
    fetched.mockResolvedValue(answer(200, { n: 1 }));
    await ask(schema, '/api/x');
    expect(isReachable()).toBe(true);
  });

  it('gives the studio’s own words for a refusal, where they are and when to come again', async () => {
    const error = { code: 'busy', where: 'taps[0]', message: 'Too much at once.' };
    fetched.mockResolvedValue(answer(429, { error }, { 'retry-after': '7' }));
    expect(await problem(ask(schema, '/api/x'))).toMatchObject({
      message: 'Too much at once.',
      status: 429,
      code: 'busy',
      where: 'taps[0]',
      retryAfterMs: 7000,
      isUnreadable: false,
    });
  });

  it.each([
    ['a page in between', 502, undefined, false],
    ['an answer of another shape', 200, { m: 1 }, true],
    ['an answer that is no JSON', 200, undefined, true],
  ])('does not pretend to know what %s means', async (_, status, body, isUnreadable) => {
    fetched.mockResolvedValue(answer(status, body));
    const told = await problem(ask(schema, '/api/x'));
    expect(told).toMatchObject({ status, code: '', retryAfterMs: null, isUnreadable });
    expect(told.message).not.toBe('');
  });

  it('takes neither the clock nor the reach from what this device only remembers', async () => {
    fetched.mockResolvedValue(
      answer(
        200,
        { n: 1 },
        { 'x-open-palm-remembered': '1', date: 'Tue, 01 Jan 2030 00:00:00 GMT' },
      ),
    );
    await ask(schema, '/api/x');
    expect(isReachable()).toBe(false);
    expect(studioNow().getFullYear()).not.toBe(2030);
    fetched.mockResolvedValue(answer(200, { n: 1 }));
    await ask(schema, '/api/x');
  });
});
