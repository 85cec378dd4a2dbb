import fc from 'fast-check';
import { solveQP } from 'quadprog';
import { balanceOf } from './balance';
import hand from './data/handForces.json';
import { demandOf, leverArms, type Demand, type LeverArm } from './leverArms';
import { naturalShare } from './naturalShare';
import { GRAVITY, type BalanceSetup } from './setup';
import { settledReactions, type Support } from './testing/settledReactions';

/** The natural share as a general quadratic programme (D. Goldfarb and A. Idnani's method). */
function byQuadraticProgramme(levers: readonly LeverArm[], demand: Demand): number[] {
  const n = levers.length;
  // The solver counts from 1.
  const one = <T>(list: T[]): T[] => [undefined as T, ...list];
  const weights = levers.map(({ contact }) => 2 / hand.strength[contact] ** 2);
  const D = one(weights.map((weight, i) => one(weights.map((_, j) => (i === j ? weight : 0)))));
  const rows = levers.map(({ direction, atMm }, i) =>
    one([direction, direction * atMm, ...levers.map((_, j) => (i === j ? 1 : 0))]),
  );
  const bounds = one([demand.forceN, demand.momentNmm, ...levers.map(() => 0)]);
  const { solution, message } = solveQP(D, one(Array(n).fill(0)), one(rows), bounds, 2);
  expect(message).toBe('');
  return solution.slice(1);
}

const overhand = fc.record({
  massG: fc.double({ min: 30, max: 160, noNaN: true }),
  ahead: fc.double({ min: 20, max: 190, noNaN: true }),
  index: fc.double({ min: 12, max: 45, noNaN: true }),
  middle: fc.double({ min: -4, max: 9, noNaN: true }),
  ring: fc.double({ min: -25, max: -7, noNaN: true }),
  little: fc.double({ min: -60, max: -27, noNaN: true }),
  forceN: fc.double({ min: 0.1, max: 3, noNaN: true }),
  atMm: fc.double({ min: 10, max: 650, noNaN: true }),
});

describe('the natural share, asked of a general quadratic solver', () => {
  it('is the same for any over-hand hand', () => {
    fc.assert(
      fc.property(overhand, ({ massG, ahead, forceN, atMm, ...contacts }) => {
        const setup: BalanceSetup = {
          bow: { massG, balanceMm: 60 + ahead, thumbMm: 60, lengthMm: 745 },
          hold: 'over',
          contacts,
          string: { forceN, atMm },
          tiltDeg: 0,
          planeDeg: 0,
        };
        const [levers, demand] = [leverArms(setup), demandOf(setup)];
        const ours = naturalShare(levers, demand)!;
        byQuadraticProgramme(levers, demand).forEach((force, i) =>
          expect(Math.abs(force - ours[i]!)).toBeLessThan(1e-6 * Math.max(1, ours[i]!)),
        );
      }),
    );
  });

  it('is the same under-hand, web and all', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 4, noNaN: true }),
        fc.double({ min: 10, max: 600, noNaN: true }),
        (forceN, atMm) => {
          const setup: BalanceSetup = { ...german, string: { forceN, atMm } };
          const [levers, demand] = [leverArms(setup), demandOf(setup)];
          const ours = naturalShare(levers, demand)!;
          byQuadraticProgramme(levers, demand).forEach((force, i) =>
            expect(Math.abs(force - ours[i]!)).toBeLessThan(1e-6 * Math.max(1, ours[i]!)),
          );
        },
      ),
    );
  });
});

const violin: BalanceSetup = {
  bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 },
  hold: 'over',
  contacts: { little: -45 },
  string: null,
  tiltDeg: 0,
  planeDeg: 0,
};
const german: BalanceSetup = {
  bow: { massG: 138, balanceMm: 245, thumbMm: 75, lengthMm: 760 },
  hold: 'under',
  contacts: { little: -13, web: -70 },
  string: null,
  tiltDeg: 0,
  planeDeg: 0,
};

/** The engine's answer for a setup whose hand has two supports. */
const settled = ({ bow, string, planeDeg }: BalanceSetup, supports: readonly Support[]) =>
  settledReactions(
    {
      massKg: bow.massG / 1000,
      gravity: GRAVITY * Math.cos((planeDeg * Math.PI) / 180),
      weightAtMm: bow.balanceMm - bow.thumbMm,
      fromMm: -bow.thumbMm,
      toMm: bow.lengthMm - bow.thumbMm,
    },
    supports,
    string,
  );

const withinTwoPercent = (engine: number | undefined, ours: number | undefined) =>
  expect(Math.abs(engine! - ours!) / ours!).toBeLessThan(0.02);

const least = (setup: BalanceSetup) => {
  const answer = balanceOf(setup);
  if (!answer.feasible) throw new Error(answer.why);
  return answer.balance;
};

describe('two contacts, asked of an engine of rigid bodies that settles', () => {
  const thumb: Support = { name: 'thumb', atMm: 0, side: 'below' };

  it.each([
    ['violin', violin],
    ['cello', { ...violin, bow: { massG: 80, balanceMm: 232, thumbMm: 68, lengthMm: 715 } }],
    ['with the string’s plane turned by 60°', { ...violin, planeDeg: 60 }],
  ])('held level by thumb and little finger: %s', (_, setup) => {
    const engine = settled(setup, [thumb, { name: 'little', atMm: -45, side: 'above' }]);
    const { leastN } = least(setup);
    withinTwoPercent(engine.thumb, leastN.thumb);
    withinTwoPercent(engine.little, leastN.little);
  });

  it.each([20, 30, 40])('1 N at 600 mm pressed by an index %d mm ahead', (index) => {
    const setup = { ...violin, contacts: { index }, string: { forceN: 1, atMm: 600 } };
    const engine = settled(setup, [thumb, { name: 'index', atMm: index, side: 'above' }]);
    const { leastN } = least(setup);
    withinTwoPercent(engine.index, leastN.index);
    withinTwoPercent(engine.thumb, leastN.thumb);
  });

  it('under-hand, carried by the little finger against the web', () => {
    const engine = settled(german, [
      { name: 'little', atMm: -13, side: 'below' },
      { name: 'web', atMm: -70, side: 'above' },
    ]);
    const { leastN } = least(german);
    withinTwoPercent(engine.little, leastN.little);
    withinTwoPercent(engine.web, -leastN.web!);
  });

  it.each([25, 35, 45])('across a French bass with a lead of %d mm', (index) => {
    const setup: BalanceSetup = {
      ...violin,
      bow: { massG: 135, balanceMm: 225, thumbMm: 74, lengthMm: 705 },
      contacts: { index, little: -23 },
      planeDeg: 90,
    };
    // Across the strings the index is underneath, and the thumb on the other side.
    const engine = settled({ ...setup, planeDeg: 0 }, [
      { name: 'index', atMm: index, side: 'below' },
      { name: 'thumb', atMm: 0, side: 'above' },
    ]);
    const { acrossN } = least(setup);
    withinTwoPercent(engine.index, acrossN!.index);
    withinTwoPercent(engine.thumb, acrossN!.thumb);
  });
});
