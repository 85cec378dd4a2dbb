import { HOLD_IDS, holdById } from '../../holds';
import { drawnHold } from '../../pose/drawnHold';
import { BUILDS } from '../../pose/handBuild';
import { DRILLS, isDrillOf } from '../../practice';
import { drawBare } from '../bareHand';
import { GripDrawer } from '../gripDrawing';
import { DRILL_FIGURES, MOTIONS } from './drillFigures';
import { drillScene } from './drillScene';

const sceneOf = (drill: string, holdId: string) => {
  const hold = holdById(holdId);
  return drillScene(drill, hold, { hold: drawnHold(hold), build: BUILDS.grown });
};

describe('the figure of a drill', () => {
  it('is there for every drill, and for nothing else', () => {
    expect(Object.keys(DRILL_FIGURES).sort()).toEqual(DRILLS.map(({ id }) => id).sort());
    const used = Object.values(DRILL_FIGURES).map(({ motion }) => motion);
    for (const motion of MOTIONS) expect(used).toContain(motion);
  });

  it.each(HOLD_IDS)('lies in its picture, on %s', (holdId) => {
    for (const drill of DRILLS.filter((one) => isDrillOf(one, holdById(holdId)))) {
      const { order, marks } = sceneOf(drill.id, holdId)!;
      const { view } = order.kind === 'grip' ? order.order : { view: order.order.station };
      expect(view).toBeDefined();
      for (const { d, where } of marks.filter((mark) => mark.where === 'over')) {
        expect(where).toBe('over');
        expect(d).not.toMatch(/NaN|undefined|Infinity/);
        const [x, y] = d.match(/-?\d+(\.\d+)?/g)!.map(Number) as [number, number];
        expect(x).toBeGreaterThanOrEqual(-100);
        expect(x).toBeLessThanOrEqual(2000);
        expect(y).toBeGreaterThanOrEqual(-400);
        expect(y).toBeLessThanOrEqual(1700);
      }
    }
  });

  it('is a hand that can be drawn, on the bow or without one', () => {
    const drawer = new GripDrawer();
    for (const drill of ['thumb-to-crease', 'finger-lifts', 'pencil-form']) {
      const { order } = sceneOf(drill, 'violin-shallow')!;
      const { hand } = order.kind === 'grip' ? drawer.draw(order.order) : drawBare(order.order);
      expect(hand.outline.length).toBeGreaterThan(500);
    }
  });

  it('takes the fingers off that are lifted, and holds a pencil where it says so', () => {
    const lifted = sceneOf('finger-lifts', 'violin-shallow')!.order;
    expect(lifted.kind === 'grip' && lifted.order.grip.contacts.fingers.index).toMatchObject({
      touching: false,
    });
    const pencil = sceneOf('pencil-form', 'cello')?.order;
    expect(pencil?.kind === 'grip' && pencil.order.held).toBe('pencil');
    expect(drillScene('no-such', holdById('violin-shallow'), {} as never)).toBeNull();
  });
});
