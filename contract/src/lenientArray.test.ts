import { z } from 'zod';
import { lenientArray, leftOutOf } from './lenientArray';

describe('a lenient list', () => {
  const schema = lenientArray(z.object({ n: z.number() }));

  it('leaves out what cannot be read, keeps the order of the rest, and counts', () => {
    const list = schema.parse([{ n: 1 }, { n: 'two' }, null, { n: 4 }]);
    expect(list).toEqual([{ n: 1 }, { n: 4 }]);
    expect(leftOutOf(list)).toBe(2);
    expect(leftOutOf(schema.parse([{ n: 1 }]))).toBe(0);
  });

  it('is still no list where there is none', () => {
    expect(schema.safeParse({ n: 1 }).success).toBe(false);
  });
});
