import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { InputError } from '@open-palm/core/issue';
import { strokeFile } from './strokeFile';

const example = readFileSync(join(__dirname, '../../docs/examples/stroke.csv'), 'utf8');

describe('strokeFile', () => {
  it('answers the documented example: a supple wrist over four strokes', () => {
    const answer = strokeFile(example);
    expect(answer.strokes.map(({ direction }) => direction)).toEqual(['down', 'up', 'down', 'up']);
    expect(answer.rangeDeg).toBeGreaterThan(21);
    expect(answer.rangeDeg).toBeLessThan(25);
    expect(answer.means.heel).toBeGreaterThan(12);
    expect(answer.means.point).toBeLessThan(-4);
    expect(answer.steeringShare).toBeCloseTo(0.53, 1);
    expect(answer.verdicts[0]).toMatchObject({ code: 'supple', band: { lo: 8, hi: 35 } });
    expect(answer.smoothness!.value).toBeLessThan(-5);
  });

  it('judges by the hold that is named', () => {
    const codes = (hold: string) => strokeFile(example, hold).verdicts.map(({ code }) => code);
    expect(codes('cello').at(-1)).toBe('turnsAsWanted');
    expect(codes('german-bass').filter((code) => code.startsWith('turn'))).toEqual([]);
    expect(() => strokeFile(example, 'banjo')).toThrow(InputError);
  });

  it('refuses a file that is none', () => {
    expect(() => strokeFile('a,b\n1,2\n')).toThrow(InputError);
  });
});
