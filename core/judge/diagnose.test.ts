import { holdById, HOLD_IDS } from '../holds';
import type { Finding } from './findings';
import { diagnose } from './diagnose';
import type { AgeBand } from './judgeSchema';

const seen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: true, group: sign }));
const notSeen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: false, group: sign }));

const ranked = (holdId: string, findings: Finding[]) => diagnose(findings, holdById(holdId));

describe('diagnose', () => {
  const hold = holdById('violin-shallow');

  it('says what a cause explains, and what it does not', () => {
    const [first] = ranked('violin-shallow', seen('thumbStraight', 'indexDeep'));
    expect(first!.explains).toEqual(['thumbStraight']);
    expect(first!.leaves).toEqual(['indexDeep']);
  });

  it('ranks nothing where nothing wrong was seen', () => {
    expect(diagnose(notSeen('thumbStraight', 'littleOff'), hold)).toEqual([]);
    expect(diagnose([], hold)).toEqual([]);
  });

  it('lets a sign that is absent speak against its causes', () => {
    const of = (...more: Finding[]) =>
      ranked('violin-shallow', [...seen('thumbStraight'), ...more]).find(
        ({ cause }) => cause.id === 'thumbOnItsPad',
      )!.posterior;
    expect(of(...notSeen('thumbOnPad'))).toBeLessThan(of());
  });

  it('counts signs that rest on one mark once', () => {
    const together = ['thumbTowardIndex', 'thumbTooFarUp'].map((sign) => ({
      sign,
      present: true,
      group: 'thumb-tip in picture 0',
    }));
    const slid = (findings: Finding[]) =>
      ranked('violin-shallow', findings).find(({ cause }) => cause.id === 'thumbSlid')!.posterior;
    expect(slid(together)).toBeLessThanOrEqual(slid(seen('thumbTowardIndex')));
    expect(slid(seen('thumbTowardIndex', 'thumbTooFarUp'))).toBeGreaterThan(slid(together));
  });

  it('moves with this student’s history, and a long one outweighs the prior', () => {
    const posterior = (confirmed: number, checks: number) => {
      const ranked = diagnose(seen('thumbStraight'), hold, {
        history: { longNails: { confirmed, checks } },
      });
      return ranked.find(({ cause }) => cause.id === 'longNails')!.posterior;
    };
    expect(posterior(8, 10)).toBeGreaterThan(posterior(0, 0));
    expect(posterior(0, 30)).toBeLessThan(posterior(0, 0));
  });

  it('moves with the age at which a cause is commoner', () => {
    const posterior = (age: AgeBand | null) => {
      return diagnose(seen('thumbStraight'), hold, { age }).find(
        ({ cause }) => cause.id === 'longNails',
      )!.posterior;
    };
    expect(posterior('adult')).toBeGreaterThan(posterior(null));
    expect(posterior('child')).toBeLessThan(posterior('adult'));
  });

  it.each(HOLD_IDS)('gives the same answer every time for %s', (id) => {
    const findings = seen('thumbStraight', 'indexDeep', 'wristLow', 'elbowRaised');
    const once = diagnose(findings, holdById(id));
    expect(diagnose(findings, holdById(id))).toEqual(once);
  });
});
