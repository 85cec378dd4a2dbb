import { balanceOf, type BalanceSetup } from '@open-palm/core/balance';

/** Times balances of a violin bow over a stroke; prints µs of one solve, and ms of a chart of 101 points twice over. */
const POINTS = 101;
const ROUNDS = 40;

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
  const chartStarted = performance.now();
  for (const index of [24, 34]) {
    for (let point = 0; point < POINTS; point += 1) {
      const started = performance.now();
      balanceOf(at(point, index));
      solves.push((performance.now() - started) * 1000);
    }
  }
  charts.push(performance.now() - chartStarted);
}
// What the first rounds take is the compiler's.
const warm = (times: number[]) => times.slice(times.length / 2);
console.log(JSON.stringify({ solves: warm(solves), charts: warm(charts) }));
