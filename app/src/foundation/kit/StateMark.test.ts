import { verdictMark } from './StateMark';

it('draws both ways of being out as out, and everything else as it is', () => {
  expect(verdictMark('high')).toBe('out');
  expect(verdictMark('low')).toBe('out');
  expect(verdictMark('unsure')).toBe('unsure');
});
