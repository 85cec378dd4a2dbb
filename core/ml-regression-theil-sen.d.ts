declare module 'ml-regression-theil-sen' {
  /** A reference for the tests: the package comes without types. */
  export class TheilSenRegression {
    constructor(x: readonly number[], y: readonly number[]);
    readonly slope: number;
    readonly intercept: number;
  }
}
