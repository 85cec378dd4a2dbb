/** The parts of jstat that the tests compare against; the package ships no types. */
declare module 'jstat' {
  export const jStat: {
    normal: {
      cdf(x: number, mean: number, sd: number): number;
      inv(p: number, mean: number, sd: number): number;
    };
    stdev(values: readonly number[], sample: boolean): number;
  };
}
