import type { SolveProgramme } from './makePlan';

/** What of the HiGHS solver is used: it is loaded by whoever plans, for it is a WebAssembly module. */
export interface Highs {
  solve(
    problem: string,
    options: Record<string, boolean | number | string>,
  ): { Status: string; Columns: Record<string, object> };
}

/** To the optimum, and by the same way each time; no cut-off by time. */
const OPTIONS = {
  mip_rel_gap: 0,
  mip_abs_gap: 1e-9,
  random_seed: 1,
  threads: 1,
  output_flag: false,
} as const;

/** Solves programmes with HiGHS. */
export const solveWith =
  (highs: Highs): SolveProgramme =>
  (lp) => {
    const { Status, Columns } = highs.solve(lp, OPTIONS);
    if (Status !== 'Optimal') return null;
    return Object.fromEntries(
      Object.entries(Columns).map(([name, column]) => [
        name,
        'Primal' in column ? Number(column.Primal) : 0,
      ]),
    );
  };
