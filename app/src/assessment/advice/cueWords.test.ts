import { CAUSES, CUES, DRILLS, SIGNS } from '@open-palm/core/judge';
import { CUE_FIGURES } from './cueFigures';
import { aspects, causes, cues, drills, signs } from '../../foundation/strings/en/advice';

const keys = (words: Record<string, string>) => Object.keys(words).sort();

describe('the words of what to work on', () => {
  it('are there for every sign, cause, cue and drill, and for nothing else', () => {
    expect(keys(signs)).toEqual(SIGNS.map(({ id }) => id).sort());
    expect(keys(aspects)).toEqual(SIGNS.map(({ id }) => id).sort());
    expect(keys(causes)).toEqual(CAUSES.map(({ id }) => id).sort());
    expect(keys(cues)).toEqual(CUES.map(({ id }) => id).sort());
    expect(Object.keys(CUE_FIGURES).sort()).toEqual(keys(cues));
    expect(keys(drills)).toEqual(DRILLS.map(({ id }) => id).sort());
  });
});
