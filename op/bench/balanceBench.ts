import { balanceOf, overStroke, type BalanceSetup } from '@open-palm/core/balance';

/** Times balances of a violin bow over a stroke; prints µs of one solve, and ms of a chart of 101 points twice over. */
const POINTS = 101;
const ROUNDS = 80;

const at = (point: number, index: number): BalanceSetup => ({
  bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 },
  hold: 'over',
  contacts: { index, middle: 4, ring: -11, little: -45 },
  string: { forceN: 0.8, atMm: 30 + (600 * point) / (POINTS - 1) },
  tiltDeg: 0,
  planeDeg: 20,
});

const solves: number[] = [];
const charts: number[] = [];
for (let round = 0; round < ROUNDS; round += 1) {
  for (let point = 0; point < POINTS; point += 1) {
    const started = performance.now();
    balanceOf(at(point, 24));
    solves.push((performance.now() - started) * 1000);
  }
  const started = performance.now();
  for (const index of [24, 34]) overStroke(at(0, index), 30, 630);
  charts.push(performance.now() - started);
}
// What the first rounds take is the compiler's.
const warm = (times: number[]) => times.slice(times.length / 2);
console.log(JSON.stringify({ solves: warm(solves), charts: warm(charts) }));
