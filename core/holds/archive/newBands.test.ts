import type { Hold } from '../holdSchema';
import { holdById } from '../holds';
import { newBands, withNewBands } from './newBands';

const shipped = holdById('violin-shallow');
const copiedFrom: Hold = {
  ...shipped,
  version: 1,
  checkpoints: {
    ...shipped.checkpoints,
    indexDepth: { band: { lo: 1, hi: 1.8 }, standing: 'memory' },
    thumbPlace: { band: { lo: -6, hi: 9 }, standing: 'memory' },
  },
};
const own: Hold = {
  ...copiedFrom,
  id: 'own',
  own: { basedOn: 'violin-shallow', basedOnVersion: 1, name: 'Ours' },
  checkpoints: {
    ...copiedFrom.checkpoints,
    thumbPlace: { band: { lo: 0, hi: 4 }, standing: 'own' },
    handLean: { band: { lo: 5, hi: 25 }, standing: 'own' },
  },
};

describe('a copy whose shipped hold has a newer version', () => {
  it('is offered what changed, and told what the teacher had moved', () => {
    expect(newBands(own, copiedFrom, shipped)).toEqual(
      [
        {
          measure: 'thumbPlace',
          before: copiedFrom.checkpoints.thumbPlace,
          now: shipped.checkpoints.thumbPlace,
          untouched: false,
        },
        {
          measure: 'indexDepth',
          before: copiedFrom.checkpoints.indexDepth,
          now: shipped.checkpoints.indexDepth,
          untouched: true,
        },
      ].sort((a, b) => order(a.measure) - order(b.measure)),
    );
  });

  it('takes over what is chosen and keeps the rest; then it has caught up', () => {
    const caught = withNewBands(own, shipped, ['indexDepth']);
    expect(caught.checkpoints.indexDepth).toEqual(shipped.checkpoints.indexDepth);
    expect(caught.checkpoints.thumbPlace).toEqual(own.checkpoints.thumbPlace);
    expect(caught.checkpoints.handLean).toEqual(own.checkpoints.handLean);
    expect(caught.own).toEqual({ ...own.own, basedOnVersion: shipped.version });
    expect(newBands(caught, shipped, shipped)).toEqual([]);
  });
});

const order = (measure: string) => Object.keys(shipped.checkpoints).indexOf(measure);
