import { holdById } from '../holds';
import { buildOfHand } from '../pose/handBuild';
import { drawnHold } from '../pose/drawnHold';
import { NOTHING_MEASURED } from '../pose/measuredGrip';
import { BOW_SIZES } from '../bow';
import { measuredOrder, wantedOrder } from './portraitOrder';

const drawn = {
  hold: drawnHold(holdById('violin-shallow'), BOW_SIZES['4/4']),
  build: buildOfHand(80),
};

it('asks for the wanted hand as seen, and for a measured one without what nobody saw', () => {
  expect(wantedOrder(drawn, 'thumbSide')).toMatchObject({
    view: 'thumbSide',
    held: 'bow',
    unseen: [],
  });
  const grip = { ...NOTHING_MEASURED, measures: { thumbIpFlexion: 20 } };
  const { unseen, ...order } = measuredOrder(drawn, 'thumbSide', grip);
  expect(order).toMatchObject({ grip, detail: 'portrait' });
  expect(unseen).not.toContain('thumb');
  expect(unseen).toContain('index');
});
