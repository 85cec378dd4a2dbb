import { holdById } from '../holds';
import { CAUSES } from './knowledge';
import { drillsOf } from './drillsOf';

const cause = (id: string) => CAUSES.find((one) => one.id === id)!;

describe('drillsOf', () => {
  it('offers what the hold lists, and leaves out what it does not', () => {
    expect(drillsOf(cause('wristFlat'), holdById('violin-shallow'))).toEqual(['stick-crawl']);
    // A bass bow is not walked up; a cellist who sits plays at no wall.
    expect(drillsOf(cause('wristFlat'), holdById('french-bass-ring'))).toEqual([]);
    expect(drillsOf(cause('shoulderSwing'), holdById('cello'))).toEqual([]);
    expect(drillsOf(cause('thumbOnItsPad'), holdById('cello'))).toEqual([
      'thumb-release',
      'pencil-circle',
    ]);
  });
});
