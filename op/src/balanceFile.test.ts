import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describeIssue } from '@open-palm/words/describe';
import { InputError } from '@open-palm/core/issue';
import { balanceFile } from './balanceFile';

const example = JSON.parse(
  readFileSync(join(__dirname, '../../docs/examples/balance.json'), 'utf8'),
);

const refusal = (content: unknown): string[] => {
  try {
    balanceFile(content);
  } catch (error) {
    if (error instanceof InputError) return error.issues.map(describeIssue);
    throw error;
  }
  return [];
};

describe('balanceFile', () => {
  it('answers the documented example with its worked values', () => {
    const answer = balanceFile(example);
    expect(answer).toMatchObject({ feasible: true, handOverMm: null, loudestN: null, pinchN: 0 });
    if (!answer.feasible) return;
    expect(answer.forcesN.little).toBeCloseTo(2.393, 3);
    expect(answer.forcesN.thumb).toBeCloseTo(2.981, 3);
    expect(answer.shareN.ring).toBeCloseTo(0.733, 3);
  });

  it('lets friction on the string take its share of the weight across', () => {
    // Worked: 135 g at 151 mm, the string upright before the body, index 25 mm ahead: 8.00 N and 6.67 N without friction.
    const bass = {
      bow: { massG: 135, balanceMm: 201, thumbMm: 50, lengthMm: 700 },
      hold: 'over',
      contacts: { index: 25, little: -30 },
      string: { forceN: 2, atMm: 300 },
      planeDeg: 90,
    };
    const across = (frictionShare?: number) => {
      const answer = balanceFile({
        ...bass,
        ...(frictionShare === undefined ? {} : { frictionShare }),
      });
      return answer.feasible ? answer.acrossN! : null;
    };
    expect(across()!.index).toBeCloseTo(8, 2);
    expect(across()!.thumb).toBeCloseTo(6.67, 2);
    expect(across(0.5)!.index).toBeCloseTo(4, 2);
    expect(across(0.5)!.thumb).toBeCloseTo(3.34, 2);
    expect(across(1)!.index).toBeCloseTo(0, 9);
    expect(refusal({ ...bass, frictionShare: 1.5 })[0]).toMatch(/^frictionShare: /);
    expect(refusal({ ...bass, string: null, frictionShare: 0.5 })[0]).toMatch(
      /^frictionShare: in the air nothing but the hand carries the bow/,
    );
  });

  it('says in words why a bow cannot be held', () => {
    expect(balanceFile({ ...example, contacts: { index: 24 } })).toEqual({
      feasible: false,
      reason: 'With nothing on the bow behind the thumb, nothing holds the tip up.',
    });
  });

  it.each([
    [{ massG: 0 }, /^bow\.massG: /],
    [{ massG: -60 }, /^bow\.massG: /],
    [{ massG: 5000 }, /^bow\.massG: /],
    [{ balanceMm: 800 }, /^bow\.balanceMm: 800 mm from the button lies beyond the bow’s end/],
  ])('refuses a bow with %j, and says where', (wrong, sentence) => {
    const told = refusal({ ...example, bow: { ...example.bow, ...wrong } });
    expect(told).toHaveLength(1);
    expect(told[0]).toMatch(sentence);
  });

  it.each([
    [{ contacts: { index: 4, middle: 24 } }, /^contacts\.middle: the middle finger lies ahead/],
    [{ contacts: { web: -70 } }, /^contacts\.web: .* only under-hand/],
    [{ string: { forceN: 1, atMm: 700 } }, /^string\.atMm: 700 mm lies beyond the tip, 683 mm/],
    [{ string: { forceN: 1, atMm: -80 } }, /^string\.atMm: -80 mm lies behind the button/],
    [{ string: { forceN: -1, atMm: 100 } }, /^string\.forceN: /],
  ])('refuses %j, and says where', (wrong, sentence) => {
    const told = refusal({ ...example, ...wrong });
    expect(told).toHaveLength(1);
    expect(told[0]).toMatch(sentence);
  });
});
