import type { Tap } from '@open-palm/core/measure';
import { partsOf } from './handParts';
import { partState } from './partState';
import { stationsOf } from './stationPlan';
import { factsOn } from './testing/stationFacts';

const facts = factsOn('violin-deep');
const parts = stationsOf(facts.hold, facts.context, facts.level).flatMap(partsOf);
const part = (id: string) => parts.find((one) => one.id === id)!;
const bend = (value: number): Tap => ({
  measure: 'thumbIpFlexion',
  answer: { kind: 'value', value, sd: 8 },
});
const fine: Tap = { measure: 'thumbMcpFlexion', answer: { kind: 'fine' } };
const state = (id: string, taps: Tap[], seen = {}, watching = false) =>
  partState(part(id), taps, seen, facts, watching);

it('is not looked at until something of it is answered', () => {
  expect(state('thumbBend', [])).toEqual({ mark: 'notSeen', words: '', isTouched: false });
  // What was answered of another part is none of it.
  expect(state('thumbTip', [bend(-20)]).isTouched).toBe(false);
});

it('is as bad as the worst of what was answered, and says it in the words of the drawing', () => {
  expect(state('thumbBend', [fine])).toMatchObject({ mark: 'in', words: 'looked good' });
  expect(state('thumbBend', [bend(40), fine])).toMatchObject({ mark: 'in', words: 'softly bent' });
  expect(state('thumbBend', [fine, bend(-20)])).toMatchObject({
    mark: 'out',
    words: 'bent backward',
  });
});

it('counts a sign that the hold has no band for', () => {
  expect(state('index', [], { indexPointing: true })).toMatchObject({
    mark: 'out',
    words: 'the index points ahead',
    isTouched: true,
  });
  expect(state('index', [], { indexPointing: false }).isTouched).toBe(false);
});

it('tells no verdict while one only watches', () => {
  expect(state('thumbBend', [bend(-20)], {}, true)).toEqual({
    mark: 'none',
    words: 'bent backward',
    isTouched: true,
  });
});
