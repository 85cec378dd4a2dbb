import { holdById } from '../holds';
import { bowOf } from '../pose/bowOf';
import { drawnHold } from '../pose/drawnHold';
import { facetBand } from './facetBand';
import { stationOf } from './views';

describe('a side of the stick', () => {
  const bow = bowOf(drawnHold(holdById('violin-shallow')));
  const seenFrom = (view: 'fingerSide' | 'thumbSide') =>
    [1, 2, 3, 4, 5, 6, 7, 8].filter((n) => facetBand(n, bow, stationOf(view, 'over')).isSeen);

  it('is seen from its own side only: 3 from the fingers’, 7 from the thumb’s', () => {
    expect(seenFrom('fingerSide')).toEqual(expect.arrayContaining([2, 3, 4]));
    expect(seenFrom('fingerSide')).not.toContain(7);
    expect(seenFrom('thumbSide')).toEqual(expect.arrayContaining([5, 6, 7]));
    expect(seenFrom('thumbSide')).not.toContain(2);
  });
});
