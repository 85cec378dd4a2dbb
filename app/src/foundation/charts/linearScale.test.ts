import { linearScale } from './linearScale';

describe('linearScale', () => {
  it('puts the ends at the ends, turned over where the range is, and goes on beyond', () => {
    const y = linearScale([0, 50], [100, 0]);
    expect([0, 25, 50, 75, -25].map(y)).toEqual([100, 50, 0, -50, 150]);
  });

  it('has one place for a domain of one value', () => {
    expect(linearScale([3, 3], [10, 90])(3)).toBe(10);
  });
});
