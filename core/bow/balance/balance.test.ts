import fc from 'fast-check';
import { balanceOf, type Balance } from './balance';
import { handOverMm } from './handOver';
import { leastSqueeze } from './leastSqueeze';
import { demandOf, leverArms, pairForces, type Demand, type LeverArm } from './leverArms';
import { loudestN } from './loudest';
import { naturalShare } from './naturalShare';
import type { BalanceSetup } from './setup';

/** A bow of a mass whose weight acts so far ahead of the thumb. */
const bow = (massG: number, aheadMm: number) => ({
  massG,
  balanceMm: 60 + aheadMm,
  thumbMm: 60,
  lengthMm: 745,
});
const violin: BalanceSetup = {
  bow: bow(60, 183),
  hold: 'over',
  contacts: { little: -45 },
  string: null,
  tiltDeg: 0,
  planeDeg: 0,
};
const fourFingers = { index: 24, middle: 4, ring: -11, little: -45 };

const held = (setup: BalanceSetup): Balance => {
  const answer = balanceOf(setup);
  if (!answer.feasible) throw new Error(answer.why);
  return answer.balance;
};

/** To 0.1 %. */
const near = (value: number | undefined, wanted: number) =>
  expect(Math.abs(value! - wanted) / wanted).toBeLessThan(0.001);

describe('the worked values of the specification', () => {
  it('level in the air: the little finger and the thumb', () => {
    const { leastN } = held(violin);
    near(leastN.little, 2.393);
    near(leastN.thumb, 2.981);
  });

  it('shared out as a hand does', () => {
    const { shareN, leastN } = held({ ...violin, contacts: fourFingers });
    near(shareN.ring, 0.733);
    near(shareN.little, 2.214);
    near(shareN.thumb, 3.535);
    expect(shareN.index).toBeCloseTo(0, 12);
    // The least squeeze leaves all to the longest lever.
    near(leastN.little, 2.393);
    expect(leastN.ring).toBe(0);
  });

  it('hands over from the little finger to the index', () => {
    near(handOverMm({ ...violin, string: { forceN: 0.6, atMm: 300 } })!, 179.5);
  });

  it.each([
    [20, 24.62],
    [30, 16.41],
    [40, 12.31],
  ])('at 600 mm and 1 N an index %d mm ahead needs %d N', (index, wanted) => {
    const { leastN } = held({
      ...violin,
      contacts: { index, little: -45 },
      string: { forceN: 1, atMm: 600 },
    });
    near(leastN.index, wanted);
  });

  it.each([
    [25, 8.0, 6.67],
    [35, 5.71, 4.39],
    [45, 4.44, 3.12],
  ])('across a French bass a lead of %d mm', (index, onIndex, onThumb) => {
    const { acrossN } = held({
      ...violin,
      bow: bow(135, 151),
      contacts: { index, little: -45 },
      planeDeg: 90,
    });
    expect(acrossN!.index).toBeCloseTo(onIndex, 1);
    expect(acrossN!.thumb).toBeCloseTo(onThumb, 1);
  });

  it.each([
    [2, 92.4],
    [4, 11.2],
  ])('under-hand, %d N, about the web', (forceN, wanted) => {
    const german: BalanceSetup = {
      ...violin,
      bow: bow(138, 170),
      hold: 'under',
      contacts: { little: -13, web: -70 },
      string: { forceN, atMm: 300 },
    };
    expect(handOverMm(german)).toBeCloseTo(wanted, 1);
  });

  it('at its balance point a bow needs no little finger', () => {
    const { leastN, shareN } = held({ ...violin, bow: bow(60, 0) });
    expect(leastN.little).toBe(0);
    expect(shareN.little).toBeCloseTo(0, 12);
    near(leastN.thumb, 0.5884);
  });

  it('standing upright a bow weighs nothing across, and has to be pinched', () => {
    const { leastN, pinchN } = held({ ...violin, tiltDeg: 90 });
    expect(leastN.little).toBeCloseTo(0, 9);
    // Two sides, each with friction 0.5.
    near(pinchN, 0.5884);
  });
});

const setups = fc.record({
  massG: fc.double({ min: 40, max: 160, noNaN: true }),
  ahead: fc.double({ min: 20, max: 200, noNaN: true }),
  index: fc.double({ min: 10, max: 45, noNaN: true }),
  middle: fc.double({ min: -5, max: 9, noNaN: true }),
  ring: fc.double({ min: -25, max: -6, noNaN: true }),
  little: fc.double({ min: -60, max: -26, noNaN: true }),
  forceN: fc.double({ min: 0, max: 3, noNaN: true }),
  atMm: fc.double({ min: 0, max: 650, noNaN: true }),
  tiltDeg: fc.double({ min: -80, max: 80, noNaN: true }),
});

const setupOf = ({ massG, ahead, forceN, atMm, tiltDeg, ...contacts }: Record<string, number>) =>
  ({
    bow: bow(massG!, ahead!),
    hold: 'over',
    contacts,
    string: { forceN: forceN!, atMm: atMm! },
    tiltDeg: tiltDeg!,
    planeDeg: 0,
  }) as BalanceSetup;

/** What is left over of force and moment, N and N·m. */
function residual(levers: readonly LeverArm[], forces: readonly number[], demand: Demand): number {
  const force = levers.reduce((sum, { direction }, i) => sum + direction * forces[i]!, 0);
  const moment = levers.reduce(
    (sum, { direction, atMm }, i) => sum + direction * atMm * forces[i]!,
    0,
  );
  return Math.max(Math.abs(force - demand.forceN), Math.abs(moment - demand.momentNmm) / 1000);
}

/** The least total by trying every pair of levers: the corners of what is possible. */
function byCorners(levers: readonly LeverArm[], demand: Demand): number | null {
  let least: number | null = null;
  for (const a of levers) {
    for (const b of levers) {
      const pair = a === b ? null : pairForces(a, b, demand);
      if (!pair || pair.some((force) => force < -1e-12)) continue;
      least = Math.min(least ?? Infinity, pair[0] + pair[1]);
    }
  }
  return least;
}

describe('any hand and bow', () => {
  it('are in equilibrium to a thousand-millionth, pushing only', () => {
    fc.assert(
      fc.property(setups, (numbers) => {
        const setup = setupOf(numbers);
        const levers = leverArms(setup);
        const demand = demandOf(setup);
        for (const forces of [leastSqueeze(levers, demand), naturalShare(levers, demand)]) {
          if (!forces) continue;
          expect(Math.min(...forces)).toBeGreaterThanOrEqual(0);
          expect(residual(levers, forces, demand)).toBeLessThan(1e-9);
        }
      }),
    );
  });

  it('take the least total that any corner of the possible has', () => {
    fc.assert(
      fc.property(setups, (numbers) => {
        const setup = setupOf(numbers);
        const levers = leverArms(setup);
        const demand = demandOf(setup);
        const forces = leastSqueeze(levers, demand);
        const corners = byCorners(levers, demand);
        if (corners === null) return expect(forces).toBeNull();
        expect(forces!.reduce((sum, force) => sum + force, 0)).toBeCloseTo(corners, 7);
      }),
    );
  });

  it('share without a better share nearby: no shift along what keeps the balance is less effort', () => {
    fc.assert(
      fc.property(setups, (numbers) => {
        const setup = setupOf(numbers);
        const levers = leverArms(setup);
        const demand = demandOf(setup);
        const forces = naturalShare(levers, demand);
        if (!forces) return;
        const strengths = [2, 1, 1, 0.7, 0.5];
        const effort = (of: readonly number[]) =>
          of.reduce((sum, force, i) => sum + (force / strengths[i]!) ** 2, 0);
        for (let a = 0; a < 5; a += 1) {
          for (let b = a + 1; b < 5; b += 1) {
            for (let c = b + 1; c < 5; c += 1) {
              const shift = keepingBalance(levers, [a, b, c]);
              for (const step of [-1e-4, 1e-4]) {
                const moved = forces.map((force, i) => force + step * shift[i]!);
                if (moved.some((force) => force < 0)) continue;
                expect(effort(moved)).toBeGreaterThanOrEqual(effort(forces) - 1e-12);
              }
            }
          }
        }
      }),
      { numRuns: 60 },
    );
  });
});

/** A change of three forces that leaves sum and moment as they are, at most 1 N each. */
function keepingBalance(levers: readonly LeverArm[], three: readonly number[]): number[] {
  const [a, b, c] = three.map((i) => levers[i]!);
  const signed = [b!.atMm - c!.atMm, c!.atMm - a!.atMm, a!.atMm - b!.atMm];
  const most = Math.max(...signed.map(Math.abs));
  return levers.map((lever, i) => {
    const at = three.indexOf(i);
    return at < 0 ? 0 : (lever.direction * signed[at]!) / most;
  });
}

describe('what cannot be held', () => {
  it('is an answer, not an error: with no finger behind the thumb nothing holds the tip up', () => {
    expect(balanceOf({ ...violin, contacts: { index: 24, middle: 4 } })).toEqual({
      feasible: false,
      why: 'tipFalls',
    });
    expect(
      balanceOf({ ...violin, string: { forceN: 1, atMm: 600 }, contacts: { little: -45 } }),
    ).toEqual({ feasible: false, why: 'tipRises' });
  });
});

describe('loudestN', () => {
  const full = { ...violin, contacts: fourFingers };

  it('is what the caps of index and thumb allow far out, worked by hand', () => {
    // The index presses 20 N. The thumb lifts 20 N = index + middle + W − N, so the middle finger presses N − W.
    // About the thumb: 600·N = 183·W + 24·20 + 4·(N − W).
    const weight = 0.06 * 9.80665;
    expect(loudestN(full, 600)).toBeCloseTo((179 * weight + 480) / 596, 6);
  });

  it('falls toward the point, and with a weaker hand', () => {
    expect(loudestN(full, 300)).toBeGreaterThan(loudestN(full, 600));
    expect(loudestN(full, 600, 0.4)).toBeLessThan(loudestN(full, 600));
  });

  it('is nothing where the bow’s own weight is too much already', () => {
    // With no finger behind the thumb, and the string at the thumb, nothing holds the tip up.
    expect(loudestN({ ...full, contacts: { index: 24 } }, 0)).toBe(0);
  });
});
