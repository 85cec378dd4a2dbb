import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { figureOf, STEP_ADDS } from './buildingFigures';

describe('the drawn steps of building a hold', () => {
  it('are there for every step of every order of every hold', () => {
    for (const id of HOLD_IDS) {
      for (const { steps } of holdById(id).building) {
        for (const step of steps) expect(STEP_ADDS).toHaveProperty([step]);
      }
    }
  });

  it('add up: each shows what was placed before it, and nothing that comes later', () => {
    const { steps } = holdById('violin-shallow').building[0]!;
    const parts = (step: string) => {
      const figure = figureOf(steps, steps.indexOf(step));
      return figure.kind === 'grip' ? figure.parts : [];
    };
    expect(parts('seat-thumb')).toEqual(['thumb']);
    expect(parts('circle-with-middle')).toEqual(['thumb', 'middle']);
    expect(parts('drop-index')).toEqual(['thumb', 'index', 'middle', 'ring']);
  });

  it.each(HOLD_IDS)(
    'have the whole hand on the bow before the other hand lets go, for %s',
    (id) => {
      for (const { steps } of holdById(id).building) {
        const at = steps.findIndex((s) => s === 'other-hand-lets-go' || s === 'check-hollow-palm');
        const before = figureOf(steps, at - 1);
        if (before.kind === 'grip') expect(before.parts).toHaveLength(5);
      }
    },
  );
});
