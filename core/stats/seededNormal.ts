import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';

/**
 * A source of numbers from 0 to 1, none of them at an end, that gives the same ones for the same seed (xoroshiro128+).
 *
 * @param seed any integer
 */
export function seededUniform(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  return () => (unsafeUniformIntDistribution(0, 0xffffffff, generator) + 0.5) / 2 ** 32;
}

/**
 * A source of standard normal numbers that gives the same ones for the same seed (Box and Muller's transform over
 * xoroshiro128+).
 *
 * @param seed any integer
 * @returns a function whose every call gives the next number, mean 0, SD 1
 */
export function seededNormal(seed: number): () => number {
  const uniform = seededUniform(seed);
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}
