import { holdById } from '../holds';
import { CAUSES, NUMBERS } from './knowledge';
import { ageBandOf, priorOf } from './priors';

const cause = (id: string) => CAUSES.find((one) => one.id === id)!;
const hold = holdById('violin-shallow');
const prior = (id: string, age: Parameters<typeof priorOf>[2]['age'], history = {}) =>
  priorOf(cause(id), hold, { history, age }, NUMBERS);

describe('priors', () => {
  it('are those of the network’s numbers: usual, commonest of the bow, commoner at an age', () => {
    expect(prior('thumbSlid', null)).toBe(0.1);
    expect(prior('thumbOnItsPad', null)).toBe(0.2);
    expect(prior('bowUnfit', 'adult')).toBe(0.1);
    expect(prior('bowUnfit', 'child')).toBe(0.15);
  });

  it('are outweighed by what this student’s checks showed: ten checks weigh as much as the prior', () => {
    // (0.1 · 10 + 7) / (10 + 10)
    expect(prior('thumbSlid', null, { thumbSlid: { confirmed: 7, checks: 10 } })).toBeCloseTo(0.4);
  });

  it('go by age bands with their edges at 12 and 18', () => {
    expect(ageBandOf(2015, 2026)).toBe('child');
    expect(ageBandOf(2014, 2026)).toBe('youth');
    expect(ageBandOf(2009, 2026)).toBe('youth');
    expect(ageBandOf(2008, 2026)).toBe('adult');
    expect(ageBandOf(null, 2026)).toBeNull();
  });
});
