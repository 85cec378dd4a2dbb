import { numberFrom } from './numberFrom';

it.each([
  ['12', 12],
  [' 1,5 ', 1.5],
  ['−4', -4],
  ['', null],
  ['   ', null],
])('reads %j as %j', (text, number) => expect(numberFrom(text)).toBe(number));

it('takes words for no number', () => expect(numberFrom('a bit')).toBeNaN());
