import hand from './data/handForces.json';
import type { Demand, Lever } from './levers';

/** A share is taken for none below this, N. */
const NONE_N = 1e-12;

/**
 * How a hand shares a demand out of itself: least Σ(force/strength)². Exact: for every set of levers that could carry, the
 * weighted least squares that meets the demand; of those that only push, the least.
 *
 * @returns a force for each lever, N, or null when no pushes can meet the demand
 */
export function naturalShare(levers: readonly Lever[], demand: Demand): number[] | null {
  let best: { effort: number; forces: number[] } | null = null;
  for (let set = 1; set < 1 << levers.length; set += 1) {
    const forces = shareAmong(levers, demand, set);
    if (!forces || forces.some((force) => force < -NONE_N)) continue;
    const effort = forces.reduce((sum, force, i) => sum + (force / strength(levers[i]!)) ** 2, 0);
    if (!best || effort < best.effort) best = { effort, forces };
  }
  return best && best.forces.map((force) => Math.max(0, force));
}

const strength = ({ contact }: Lever): number => hand.strength[contact];

/**
 * Least squares among the levers of one set, by the normal equations f = D Aᵀ (A D Aᵀ)⁻¹ b with D = strength².
 *
 * @param set bit i stands for lever i
 */
function shareAmong(levers: readonly Lever[], demand: Demand, set: number): number[] | null {
  const rows = levers.map((lever, i) => {
    const weight = set & (1 << i) ? strength(lever) ** 2 : 0;
    return { weight, force: lever.direction, moment: lever.direction * lever.atMm };
  });
  const sum = (of: (row: (typeof rows)[number]) => number) =>
    rows.reduce((total, row) => total + row.weight * of(row), 0);
  const [a, b, d] = [
    sum(({ force }) => force * force),
    sum(({ force, moment }) => force * moment),
    sum(({ moment }) => moment * moment),
  ];
  const determinant = a * d - b * b;
  // One lever, or all at one place: no moment but its own.
  if (determinant <= 1e-9 * a * (d + 1)) return alone(rows, demand, set);
  const p = (d * demand.forceN - b * demand.momentNmm) / determinant;
  const q = (a * demand.momentNmm - b * demand.forceN) / determinant;
  return rows.map(({ weight, force, moment }) => weight * (force * p + moment * q));
}

function alone(
  rows: readonly { weight: number; force: number; moment: number }[],
  { forceN, momentNmm }: Demand,
  set: number,
): number[] | null {
  const one = Math.log2(set);
  if (!Number.isInteger(one)) return null;
  const { force, moment } = rows[one]!;
  const needed = forceN / force;
  if (Math.abs(needed * moment - momentNmm) > 1e-9 * Math.max(1, Math.abs(momentNmm))) return null;
  return rows.map((_, i) => (i === one ? needed : 0));
}
