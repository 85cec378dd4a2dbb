import { jStat } from 'jstat';
import { seededNormal } from './seededNormal';

describe('seededNormal', () => {
  it('repeats itself for a seed and differs for another', () => {
    const draw = (seed: number) => Array.from({ length: 5 }, seededNormal(seed));
    expect(draw(1)).toEqual(draw(1));
    expect(draw(1)).not.toEqual(draw(2));
  });

  it("follows jstat's normal distribution: largest distance of 4,000 draws below the 1 % limit", () => {
    const draws = Array.from({ length: 4000 }, seededNormal(11)).sort((a, b) => a - b);
    const distance = Math.max(
      ...draws.map((x, i) => Math.abs((i + 0.5) / draws.length - jStat.normal.cdf(x, 0, 1))),
    );
    // Kolmogorov–Smirnov: 1.63 / √n.
    expect(distance).toBeLessThan(1.63 / Math.sqrt(draws.length));
  });
});
