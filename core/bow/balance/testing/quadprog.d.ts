declare module 'quadprog' {
  /**
   * Least ½·xᵀDx − dᵀx with Aᵀx ≥ b, the first `equalities` of them as equations. Every array begins at 1.
   */
  export function solveQP(
    D: number[][],
    d: number[],
    A: number[][],
    b: number[],
    equalities: number,
  ): { solution: number[]; message: string };
}
