import { adaptHold } from './adaptHold';
import { bandFor } from './bandFor';
import { holdById, HOLD_IDS } from './holds';
import { withoutBands } from './withoutBands';

describe('withoutBands', () => {
  it.each(HOLD_IDS)(
    'leaves %s with every checkpoint and no band, whatever a school answers',
    (id) => {
      const hold = holdById(id);
      const bare = withoutBands(hold);
      expect(Object.keys(bare.checkpoints)).toEqual(Object.keys(hold.checkpoints));
      for (const setting of hold.settings) {
        for (const { id: option } of setting.options) {
          const adapted = adaptHold(bare, { [setting.id]: option }, { bow: 0.5, hand: 0.9 });
          const bands = Object.keys(adapted.checkpoints).map((measure) =>
            bandFor(adapted, measure, 'heel'),
          );
          expect(bands.every((band) => band === null)).toBe(true);
        }
      }
    },
  );
});
