/** The one part of jstat that the tests compare against; the package ships no types. */
declare module 'jstat' {
  export const jStat: { normal: { cdf(x: number, mean: number, sd: number): number } };
}
