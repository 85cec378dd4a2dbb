import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { CATALOGUE, categoriesOf, type MeasureId } from '@open-palm/core/measure';
import { about, building, holdCautions, holds, settings, steps, tests } from './holds';
import { categories, faults } from './measures';

describe.each(HOLD_IDS)('%s', (id) => {
  const hold = holdById(id);

  it('has a name and a reason', () => {
    expect(holds[id]).toMatch(/./);
    expect(about[id]).toMatch(/./);
  });

  it('has words for every question on which schools differ, and every answer', () => {
    for (const { id: setting, options } of hold.settings) {
      const told = settings[setting]!;
      expect(told.why).toMatch(/\.$/);
      for (const option of options) expect(told.options[option.id]).toMatch(/./);
    }
  });

  it('has words for its orders, steps, tests and cautions', () => {
    for (const order of hold.building) {
      expect(building[order.id]).toMatch(/./);
      for (const step of order.steps) expect(steps[step]).toMatch(/./);
    }
    for (const test of hold.tests) expect(tests[test]).toMatch(/./);
    for (const caution of hold.cautions) expect(holdCautions[caution]).toMatch(/./);
  });

  it('has the trade’s words for what is out', () => {
    for (const [measure, checkpoint] of Object.entries(hold.checkpoints)) {
      if ('standing' in checkpoint) expect(faults[measure as MeasureId]).toBeDefined();
    }
  });
});

describe('categories', () => {
  it('all have names', () => {
    for (const spec of CATALOGUE) {
      for (const category of categoriesOf(spec)) {
        expect(categories[spec.id]?.[category]).toMatch(/./);
      }
    }
  });
});
