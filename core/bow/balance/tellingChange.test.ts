import { balanceOf } from './balance';
import type { BalanceSetup } from './setup';
import { tellingChange } from './tellingChange';

const violin = (more: Partial<BalanceSetup>): BalanceSetup => ({
  bow: { massG: 60, balanceMm: 243, thumbMm: 60, lengthMm: 745 },
  hold: 'over',
  contacts: { index: 20, little: -45 },
  string: { forceN: 1, atMm: 600 },
  tiltDeg: 0,
  planeDeg: 0,
  ...more,
});
const telling = (before: BalanceSetup, after: BalanceSetup) =>
  tellingChange(balanceOf(before), balanceOf(after));

describe('tellingChange', () => {
  it('says of an index moved ahead how much less it presses: 24.62 to 16.41 N, a third', () => {
    const told = telling(violin({}), violin({ contacts: { index: 30, little: -45 } }));
    if (told.kind !== 'force') throw new Error(told.kind);
    expect(told.change).toMatchObject({ contact: 'index', plane: 'string' });
    expect(told.change.fromN).toBeCloseTo(24.62, 2);
    expect(told.change.toN).toBeCloseTo(16.41, 2);
  });

  it('says it of the plane across the strings where that changes most', () => {
    const bass = (index: number) =>
      violin({
        bow: { massG: 135, balanceMm: 225, thumbMm: 74, lengthMm: 705 },
        contacts: { index, little: -23 },
        string: null,
        planeDeg: 90,
      });
    const told = telling(bass(25), bass(35));
    if (told.kind !== 'force') throw new Error(told.kind);
    expect(told.change).toMatchObject({ contact: 'index', plane: 'across' });
    expect(told.change.fromN).toBeCloseTo(8.0, 2);
    expect(told.change.toN).toBeCloseTo(5.71, 2);
  });

  it('names nothing that no hand would feel', () => {
    expect(telling(violin({}), violin({ contacts: { index: 20, little: -45.5 } }))).toEqual({
      kind: 'nothing',
    });
  });

  it('tells when the bow can no longer be held, and when it can again', () => {
    const lost = violin({ contacts: { little: -45 } });
    expect(telling(violin({}), lost)).toEqual({ kind: 'lost', why: 'tipRises' });
    expect(telling(lost, violin({}))).toEqual({ kind: 'gained' });
    expect(telling(lost, lost)).toEqual({ kind: 'neither' });
  });
});
