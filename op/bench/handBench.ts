import { BUILDS, drawnHold, mayMiss, solvePose, NOTHING_MEASURED } from '@open-palm/core/pose';
import { believableSet, wildSet } from '@open-palm/core/pose/testing';
import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { GripDrawer, pathsOf, PORTRAIT_VIEWS, type GripOrder } from '@open-palm/core/portrait';
import { quantile, report } from '../../scripts/bench/readings';

const timed = <T>(work: () => T): [T, number] => {
  const from = performance.now();
  return [work(), performance.now() - from];
};

/** What was measured and comes back, over so many sets. */
function solving(sets: number): void {
  const times: number[] = [];
  const missed: string[] = [];
  let asked = 0;
  for (let seed = 0; times.length < sets; seed += 1) {
    const set = believableSet(seed);
    if (!set) continue;
    const [{ residuals, fighting }, ms] = timed(() => solvePose(set.hold, set.grip, set.build));
    times.push(ms);
    asked += residuals.length;
    if (fighting.length === 0) continue;
    const worst = residuals.reduce((a, b) =>
      Math.abs(b.wanted - b.came) / mayMiss(b.id) > Math.abs(a.wanted - a.came) / mayMiss(a.id)
        ? b
        : a,
    );
    missed.push(
      `${set.hold.id}: ${worst.id} ${worst.wanted.toFixed(2)} came ${worst.came.toFixed(2)}`,
    );
  }
  report('A hand for a believable set of measures, median', quantile(times, 0.5), 'ms', 60);
  report('The same, p95', quantile(times, 0.95), 'ms');
  report(`Sets that do not come back, of ${sets} (${asked} measures)`, missed.length, '', 0);
  for (const one of missed.slice(0, 8)) console.log(`    ${one}`);
}

/** Any values within what joints can do. */
function wild(sets: number): void {
  const times: number[] = [];
  let most = 0;
  for (let seed = 0; seed < sets; seed += 1) {
    const set = wildSet(seed);
    const [{ fit }, ms] = timed(() => solvePose(set.hold, set.grip, set.build));
    times.push(ms);
    most = Math.max(most, fit.overlapMm);
  }
  report(`Any values, ${sets} sets: deepest in the wood`, most, 'mm', 1.5);
  report('The same, median', quantile(times, 0.5), 'ms');
  report('The same, longest', quantile(times, 1), 'ms');
}

/** From a pose to path data, every hold from every side. */
function drawing(): void {
  const drawer = new GripDrawer(20);
  const order = (id: string, view: GripOrder['view'], detail: GripOrder['detail']): GripOrder => ({
    hold: drawnHold(holdById(id)),
    grip: NOTHING_MEASURED,
    build: BUILDS.grown,
    view,
    held: 'bow',
    upMm: 0,
    detail,
    unseen: [],
    beside: null,
  });
  for (const [detail, targetMs, targetKb] of [
    ['portrait', 25, 14],
    ['badge', 6, 2.5],
  ] as const) {
    const times: number[] = [];
    let bytes = 0;
    for (let round = 0; round < 4; round += 1) {
      for (const id of HOLD_IDS) {
        for (const view of detail === 'badge' ? (['fingerSide'] as const) : PORTRAIT_VIEWS) {
          const [drawn, ms] = timed(() => drawer.draw(order(id, view, detail)));
          if (round > 0) times.push(ms);
          bytes = Math.max(bytes, JSON.stringify(pathsOf(drawn)).length);
        }
      }
    }
    report(`A ${detail} from a pose, median`, quantile(times, 0.5), 'ms', targetMs);
    report('Its largest path data', bytes / 1024, 'KB', targetKb);
  }
}

solving(500);
wild(2000);
drawing();
