import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { CONTEXTS } from '@open-palm/core/measure';
import { partsOf } from './handParts';
import { stationsOf } from './stationPlan';

describe.each(HOLD_IDS)('the parts of a hand on %s', (id) => {
  it.each(CONTEXTS)('ask each checkpoint and each sign once, %s', (context) => {
    for (const station of stationsOf(holdById(id), context, 'beginner')) {
      const parts = partsOf(station);
      const of = (what: 'judged' | 'further' | 'signs') =>
        parts.flatMap((part) => part[what]).sort();
      expect(of('judged')).toEqual([...station.judged].sort());
      expect(of('further')).toEqual([...station.further].sort());
      expect(of('signs')).toEqual([...station.furtherSigns].sort());
    }
  });
});

it('begins each part with what the hold judges, and leaves out what it does not ask', () => {
  const [thumb, fingers] = stationsOf(holdById('violin-shallow'), 'free').map(partsOf);
  expect(thumb!.map(({ id }) => id)).toEqual(['thumbBend', 'thumbTip', 'thumbPlace']);
  expect(thumb![1]).toMatchObject({
    judged: ['thumbContact', 'thumbThrough'],
    further: ['thumbFacet'],
  });
  expect(fingers![3]!.judged).toEqual(['gapRatio12', 'gapRatio23', 'gapRatio34']);
  const wrist = stationsOf(holdById('german-bass'), 'free').map(partsOf)[3]!;
  expect(wrist.map(({ id }) => id)).not.toContain('knuckles');
});
