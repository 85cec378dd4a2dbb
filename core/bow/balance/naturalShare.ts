import hand from './data/handForces.json';
import type { Demand, LeverArm } from './leverArms';

/** A share is taken for none below this, N. */
const NONE_N = 1e-12;

/**
 * How a hand shares a demand out of itself: least Σ(force/strength)². Exact: for every set of levers that could carry, the
 * weighted least squares that meets the demand; of those that only push, the least.
 *
 * @returns a force for each lever, N, or null when no pushes can meet the demand
 */
export function naturalShare(levers: readonly LeverArm[], demand: Demand): number[] | null {
  const rows: Row[] = levers.map(({ contact, direction, atMm }) => ({
    weight: hand.strength[contact] ** 2,
    force: direction,
    moment: direction * atMm,
  }));
  let best: readonly number[] | null = null;
  let least = Infinity;
  const forces = rows.map(() => 0);
  for (let set = 1; set < 1 << rows.length; set += 1) {
    if (!shareAmong(rows, demand, set, forces)) continue;
    let effort = 0;
    for (let i = 0; i < rows.length; i += 1) effort += forces[i]! ** 2 / rows[i]!.weight;
    if (effort >= least || forces.some((force) => force < -NONE_N)) continue;
    least = effort;
    best = [...forces];
  }
  return best && best.map((force) => Math.max(0, force));
}

/** A lever as a column of the two equations, with the square of its strength. */
interface Row {
  weight: number;
  force: number;
  moment: number;
}

/**
 * Least squares among the levers of one set, by the normal equations f = D Aᵀ (A D Aᵀ)⁻¹ b with D = strength².
 *
 * @param set bit i stands for lever i
 * @param into where the forces are written: this runs for every set, thirty times a balance
 * @returns whether the set can meet the demand
 */
function shareAmong(rows: readonly Row[], demand: Demand, set: number, into: number[]): boolean {
  let [a, b, d] = [0, 0, 0];
  for (let i = 0; i < rows.length; i += 1) {
    if (!(set & (1 << i))) continue;
    const { weight, force, moment } = rows[i]!;
    a += weight * force * force;
    b += weight * force * moment;
    d += weight * moment * moment;
  }
  const determinant = a * d - b * b;
  // One lever, or all at one place: no moment but its own.
  if (determinant <= 1e-9 * a * (d + 1)) return alone(rows, demand, set, into);
  const p = (d * demand.forceN - b * demand.momentNmm) / determinant;
  const q = (a * demand.momentNmm - b * demand.forceN) / determinant;
  for (let i = 0; i < rows.length; i += 1) {
    const { weight, force, moment } = rows[i]!;
    into[i] = set & (1 << i) ? weight * (force * p + moment * q) : 0;
  }
  return true;
}

function alone(
  rows: readonly Row[],
  { forceN, momentNmm }: Demand,
  set: number,
  into: number[],
): boolean {
  const one = Math.log2(set);
  if (!Number.isInteger(one)) return false;
  const { force, moment } = rows[one]!;
  const needed = forceN / force;
  if (Math.abs(needed * moment - momentNmm) > 1e-9 * Math.max(1, Math.abs(momentNmm))) return false;
  into.fill(0);
  into[one] = needed;
  return true;
}
