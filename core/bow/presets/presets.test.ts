import fc from 'fast-check';
import { BOW_SIZES, type BowSize } from '../bowSection';
import { bowWarning } from './bowWarning';
import { bowPreset, PRESET_KINDS } from './bowPreset';
import { knownBow } from './ownBow';

const SIZES = Object.keys(BOW_SIZES) as BowSize[];
const unmeasured = { massG: null, balanceMm: null, frogLengthMm: null };

describe('bowPreset', () => {
  // The table of typical full-size bows [memory]: mass, length, balance point, thumb, frog.
  it.each([
    ['violin', 60, 745, 245, 62 - 2, 46],
    ['viola', 70, 745, 242, 64 - 2, 48],
    ['cello', 80, 715, 232, 68 - 1, 52],
    ['french-bass', 135, 705, 225, 74, 58],
    ['german-bass', 138, 760, 245, 75, 60],
  ] as const)('%s', (kind, massG, lengthMm, balanceMm, frogFrontMm, frogLengthMm) => {
    expect(bowPreset(kind, '4/4')).toMatchObject({
      massG: { usual: massG },
      lengthMm,
      balanceMm,
      frogFrontMm,
      frogLengthMm,
    });
  });

  it('scales lengths and mass of smaller bows apart', () => {
    const half = bowPreset('cello', '1/2');
    expect(half.massG.usual).toBeCloseTo(64, 9);
    expect(half.lengthMm).toBeCloseTo(715 * 0.84, 9);
  });

  it('is a bow whatever its kind and size: balance, heel and point lie in order along it', () => {
    for (const kind of PRESET_KINDS) {
      for (const size of SIZES) {
        const { frogLengthMm, frogFrontMm, heelMm, pointMm, balanceMm, lengthMm, massG } =
          bowPreset(kind, size);
        const places = [0, frogFrontMm - frogLengthMm, frogFrontMm, frogFrontMm + heelMm];
        const along = [...places, balanceMm, frogFrontMm + pointMm, lengthMm];
        expect(along).toEqual([...along].sort((a, b) => a - b));
        expect(massG.lo).toBeLessThan(massG.usual);
        expect(massG.usual).toBeLessThan(massG.hi);
      }
    }
  });
});

describe('knownBow', () => {
  const preset = bowPreset('violin', '4/4');

  it('takes what was measured, and is surer of it', () => {
    const typical = knownBow(preset, unmeasured);
    const own = knownBow(preset, { ...unmeasured, massG: 57, balanceMm: 238 });
    expect(own.massG).toMatchObject({ value: 57, measured: true });
    expect(own.balanceMm.value).toBe(238);
    expect(own.frogLengthMm).toEqual(typical.frogLengthMm);
    expect(own.massG.sd).toBeLessThan(typical.massG.sd);
    expect(own.balanceMm.sd).toBeLessThan(typical.balanceMm.sd);
  });

  it('moves the front of a longer frog toward the tip', () => {
    expect(knownBow(preset, { ...unmeasured, frogLengthMm: 49 }).frogFrontMm).toBe(63);
  });
});

describe('bowWarning', () => {
  const preset = bowPreset('violin', '4/4');

  it('lets pass what such bows are like', () => {
    for (const kind of PRESET_KINDS) {
      for (const size of SIZES) {
        const usual = bowPreset(kind, size);
        expect(bowWarning(usual, 'massG', usual.massG.lo)).toBeNull();
        expect(bowWarning(usual, 'massG', usual.massG.hi)).toBeNull();
        expect(bowWarning(usual, 'balanceMm', usual.balanceMm)).toBeNull();
        expect(bowWarning(usual, 'frogLengthMm', usual.frogLengthMm)).toBeNull();
      }
    }
  });

  it('tells a bow of another size', () => {
    const warning = bowWarning(preset, 'massG', 41);
    expect(warning).toMatchObject({ problem: 'less', fitsSize: '1/4' });
    expect(warning!.from).toBeCloseTo(50.4, 9);
  });

  it('tells a slip of the hand that no size explains', () => {
    expect(bowWarning(preset, 'massG', 160)).toMatchObject({ problem: 'more', fitsSize: null });
    // Measured from the tip instead of from the button.
    expect(bowWarning(preset, 'balanceMm', 500)).toMatchObject({ problem: 'more', fitsSize: null });
  });

  it('doubts whatever lies outside of what it names, and nothing within', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 300, noNaN: true }), (massG) => {
        const warning = bowWarning(preset, 'massG', massG);
        expect(warning === null).toBe(massG >= 56 * 0.9 && massG <= 64 * 1.1);
        if (warning) expect(massG < warning.from || massG > warning.to).toBe(true);
      }),
    );
  });
});
