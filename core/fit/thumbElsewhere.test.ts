import { UNKNOWN_HAND } from '../hand';
import { HOLD_IDS, holdById } from '../holds';
import { factsOf } from './fitFacts';

it('holds the thumb to the stick in every hold but the starter’s, where it lies under the frog', () => {
  const free = HOLD_IDS.filter((id) => factsOf(holdById(id), UNKNOWN_HAND).thumbTipMm === null);
  expect(free).toEqual(['violin-starter']);
  expect(factsOf(holdById('violin-shallow'), UNKNOWN_HAND).thumbTipMm).toBeGreaterThan(6);
});
