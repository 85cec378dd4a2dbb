import type { Access } from '@open-palm/contract';
import { causesOf, type Known } from './causes';

const at = (more: Partial<Known>) =>
  causesOf({
    isOnline: true,
    isClockOff: false,
    origin: 'https://desk.local:8443',
    access: { origins: ['https://desk.local:8443'] } as Access,
    ...more,
  });

it('tells what is likeliest first, and what is certain alone', () => {
  expect(at({})).toEqual(['wifi', 'asleep', 'certificate', 'clock']);
  expect(at({ isOnline: false })).toEqual(['network']);
  expect(at({ isClockOff: true })[0]).toBe('clock');
  expect(at({ origin: 'https://192.168.7.20:8443' })[0]).toBe('moved');
  // On the studio's own computer there is no Wi-Fi between.
  expect(at({ origin: 'http://127.0.0.1:8081', isOnline: false })).toEqual(['asleep']);
  expect(at({ access: null })[0]).toBe('wifi');
});
