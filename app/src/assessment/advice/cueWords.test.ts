import { CAUSES, CUES, SIGNS } from '@open-palm/core/judge';
import { DRILLS } from '@open-palm/core/practice';
import { CUE_FIGURES } from './cueFigures';
import { aspects, causes, cues, signs } from '../../foundation/strings/en/advice';
import { drills, drillStages, drillSteps, drillWrong } from '../../foundation/strings/en/drills';

const keys = (words: Record<string, unknown>) => Object.keys(words).sort();

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

describe('the words of exercises', () => {
  const ids = DRILLS.map(({ id }) => id).sort();

  it('say of each how it is done and how it is done wrong', () => {
    expect(keys(drillSteps)).toEqual(ids);
    expect(keys(drillWrong)).toEqual(ids);
  });

  it('are three steps at most, each of a sentence or two', () => {
    for (const steps of Object.values(drillSteps)) {
      expect(steps.length).toBeLessThanOrEqual(3);
      for (const step of steps) {
        expect(
          step.split(/[.?!](?:\s|$)/).filter((part) => part !== '').length,
        ).toBeLessThanOrEqual(3);
      }
    }
  });

  it('say what changes at every stage after the first', () => {
    for (const { id, stages } of DRILLS) {
      expect([id, drillStages[id]?.length ?? 0]).toEqual([id, stages.length - 1]);
    }
  });
});
