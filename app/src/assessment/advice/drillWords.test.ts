import { drillWords } from './drillWords';

it('says of exercises where the bow may fall that they are done over something soft', () => {
  const said = (...ids: string[]) => drillWords(ids, ' · ');
  expect(said('thumb-release')).toBe('Thumb releases (8×)');
  expect(said('circles', 'thumb-release')).toBe(
    'Thumb releases (8×) · Tip circles (over something soft)',
  );
  expect(said('tip-raise', 'finger-lifts', 'wall')).toBe(
    'Play against the wall · Raise the tip slowly · Lift one finger at a time (the last 2 over something soft)',
  );
  expect(said()).toBe('');
});
