import { solve } from 'yalps';
import { pairForces, type Demand, type LeverArm } from './leverArms';

/** Forces below this are none, N: what a linear programme leaves of rounding. */
const NONE_N = 1e-9;

/**
 * The least total force with which these levers meet a demand: a linear programme, whose basis of two is then solved
 * again exactly.
 *
 * @returns a force for each lever, N, or null when no pushes can meet the demand
 */
export function leastSqueeze(levers: readonly LeverArm[], demand: Demand): number[] | null {
  const variables = levers.map(
    ({ atMm, direction }, i) =>
      [String(i), { total: 1, force: direction, moment: direction * atMm }] as const,
  );
  const { status, variables: chosen } = solve({
    direction: 'minimize',
    objective: 'total',
    constraints: [
      ['force', { equal: demand.forceN }],
      ['moment', { equal: demand.momentNmm }],
    ],
    variables,
  });
  if (status !== 'optimal') return null;
  const carrying = chosen.filter(([, force]) => force > NONE_N).map(([i]) => Number(i));
  return exactly(levers, demand, carrying);
}

function exactly(
  levers: readonly LeverArm[],
  demand: Demand,
  carrying: readonly number[],
): number[] | null {
  const forces = levers.map(() => 0);
  const [first, second] = carrying;
  if (first === undefined) return forces;
  // With one lever that carries all, any other completes the basis and gets nothing.
  const other = second ?? levers.findIndex(({ atMm }) => atMm !== levers[first]!.atMm);
  if (other < 0) {
    forces[first] = demand.forceN * levers[first]!.direction;
    return forces;
  }
  const pair = pairForces(levers[first]!, levers[other]!, demand);
  if (!pair) return null;
  [forces[first], forces[other]] = pair.map((force) => (Math.abs(force) < NONE_N ? 0 : force)) as [
    number,
    number,
  ];
  return forces;
}
