import { holdById } from '@open-palm/core/holds';
import { frogLengthOf, gripFacts, gripOf } from './gripFacts';
import type { Setup } from '@open-palm/contract';

const setup: Setup = {
  id: '01890000-0000-7000-8000-000000000000',
  instrument: 'violin',
  bowSize: '4/4',
  frogLengthMm: null,
  bowMassG: null,
  bowBalanceMm: null,
  holdId: 'violin-shallow',
  settings: {},
};
const hold = holdById('violin-shallow');

describe('gripOf', () => {
  it('takes a measured finger as it is, and a stranger’s at the size of the bow that fits', () => {
    expect(gripOf({ middleFingerMm: 88 }, setup, hold, null).middleFinger).toEqual({
      mm: 88,
      sdMm: 2,
    });
    const half = { ...setup, bowSize: '1/2' as const };
    expect(gripOf({ middleFingerMm: null }, half, hold, null).middleFinger).toEqual({
      mm: 84,
      sdMm: 8,
    });
  });

  it('names the hold’s version, so that the check is judged by it for good', () => {
    expect(gripOf({ middleFingerMm: null }, setup, hold, null)).toMatchObject({
      holdId: 'violin-shallow',
      holdVersion: hold.version,
    });
  });
});

describe('gripFacts', () => {
  it('shifts the bands by the settings and scales them to hand and bow', () => {
    const small = { ...setup, bowSize: '1/2' as const, settings: { thumbSurface: 'bareStick' } };
    const grip = gripOf({ middleFingerMm: 84 }, small, hold, null);
    const { checkpoints } = gripFacts(grip, hold, null).hold;
    expect(checkpoints.indexLead).toMatchObject({ band: { lo: 15 * 0.84, hi: 35 * 0.84 } });
    expect(checkpoints.indexDepth).toEqual(hold.checkpoints.indexDepth);
    const full = gripFacts(gripOf({ middleFingerMm: 100 }, setup, hold, null), hold, null).hold;
    expect(checkpoints.thumbPlace).not.toEqual(full.checkpoints.thumbPlace);
  });
});

describe('frogLengthOf', () => {
  it('estimates by kind and size, with its doubt, until it is measured', () => {
    expect(frogLengthOf(setup, 'violin')).toEqual({ mm: 46, sdMm: 2 });
    expect(frogLengthOf({ ...setup, instrument: 'viola' }, 'violin')).toEqual({ mm: 48, sdMm: 2 });
    expect(frogLengthOf({ ...setup, bowSize: '1/2' }, 'violin').mm).toBeCloseTo(46 * 0.84, 1);
    expect(frogLengthOf({ ...setup, frogLengthMm: 45 }, 'violin')).toEqual({ mm: 45, sdMm: 0.5 });
  });
});
