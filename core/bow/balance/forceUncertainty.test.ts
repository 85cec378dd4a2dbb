import { seededNormal } from '../../stats';
import { balanceOf } from './balance';
import { forceUncertainty } from './forceUncertainty';
import type { BalanceSetup } from './setup';

const setup: BalanceSetup = {
  bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 },
  hold: 'over',
  contacts: { index: 24, middle: 4, ring: -11, little: -45 },
  string: null,
  tiltDeg: 0,
  planeDeg: 0,
};
const uncertainty = { massG: 2, balanceMm: 6, contactsMm: { ring: 1.5, little: 1.5 } };

describe('forceUncertainty', () => {
  it('with only the mass in doubt is in the proportion of the mass: forces are proportional to it', () => {
    const answer = balanceOf(setup);
    if (!answer.feasible) throw new Error(answer.why);
    const { shareN } = answer.balance;
    const only = forceUncertainty(setup, { massG: 3, balanceMm: 0, contactsMm: {} });
    expect(only.little).toBeCloseTo(shareN.little! * (3 / 60), 9);
    expect(only.thumb).toBeCloseTo(shareN.thumb! * (3 / 60), 9);
    expect(only.index).toBeCloseTo(0, 9);
  });

  it('agrees with drawing all the numbers at random', () => {
    const normal = seededNormal(11);
    const drawn = Array.from({ length: 3000 }, () => {
      const answer = balanceOf({
        ...setup,
        bow: {
          ...setup.bow,
          massG: 60 + 2 * normal(),
          balanceMm: 245 + 6 * normal(),
        },
        contacts: { ...setup.contacts, ring: -11 + 1.5 * normal(), little: -45 + 1.5 * normal() },
      });
      if (!answer.feasible) throw new Error(answer.why);
      return answer.balance.shareN;
    });
    const told = forceUncertainty(setup, uncertainty);
    for (const contact of ['thumb', 'ring', 'little'] as const) {
      const values = drawn.map((share) => share[contact]!);
      const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
      const sd = Math.sqrt(
        values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1),
      );
      expect(Math.abs(told[contact]! / sd - 1)).toBeLessThan(0.06);
    }
  });
});
