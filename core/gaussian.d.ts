/** The part of gaussian that is used; the package ships no types. */
declare module 'gaussian' {
  function gaussian(
    mean: number,
    variance: number,
  ): { cdf(x: number): number; ppf(p: number): number };
  export = gaussian;
}
