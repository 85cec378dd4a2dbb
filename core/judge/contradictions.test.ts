import { contradictionsIn, withoutContradictions } from './contradictions';
import type { Finding } from './findings';
import { CONTRADICTIONS, SIGNS } from './knowledge';

const finding = (sign: string, present = true): Finding => ({ sign, present, group: sign });

describe('contradictions', () => {
  it('finds a little finger that is both off and collapsed, and lets neither count', () => {
    const findings = [finding('littleOff'), finding('littleCollapsed'), finding('thumbStraight')];
    expect(contradictionsIn(findings).map(({ signs }) => signs)).toEqual([
      ['littleOff', 'littleCollapsed'],
    ]);
    expect(withoutContradictions(findings)).toEqual([finding('thumbStraight')]);
  });

  it('is quiet where one of the two was seen to be absent', () => {
    const findings = [finding('littleOff'), finding('littleCollapsed', false)];
    expect(contradictionsIn(findings)).toEqual([]);
    expect(withoutContradictions(findings)).toEqual(findings);
  });

  it('names two different signs that there are', () => {
    for (const { signs } of CONTRADICTIONS) {
      expect(signs[0]).not.toBe(signs[1]);
      for (const sign of signs) expect(SIGNS.map(({ id }) => id)).toContain(sign);
    }
  });
});
