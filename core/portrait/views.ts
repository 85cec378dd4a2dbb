import type { Station } from './sight';

/** From where a drawn hand can be looked at. */
export const PORTRAIT_VIEWS = [
  'fingerSide',
  'thumbSide',
  'playerEye',
  'downStick',
  'profile',
] as const;
export type PortraitView = (typeof PORTRAIT_VIEWS)[number];

const frame = { widthMm: 150, heightMm: 118 };

/** Stations about an over-hand hold. */
const OVER: Record<PortraitView, Station> = {
  fingerSide: { toward: [0, 0.06, 1], at: [4, 11, 0], ...frame },
  thumbSide: { toward: [-0.2, -0.72, -0.66], at: [4, -4, -24], level: true, ...frame },
  playerEye: { toward: [0.35, 0.5, -0.78], at: [4, 8, -20], level: true, ...frame },
  downStick: { toward: [-1, 0.12, 0], at: [0, 10, -30], ...frame },
  profile: { toward: [-1, 0.1, 0.12], at: [0, 4, -56], widthMm: 190, heightMm: 149.5 },
};

const wide = { widthMm: 190, heightMm: 149.5 };

/** About an under-hand one, which reaches back to the button: it takes more room. */
const UNDER: Record<PortraitView, Station> = {
  fingerSide: { toward: [0, 0.06, 1], at: [-40, -8, 0], ...wide },
  thumbSide: { toward: [-0.3, -0.6, -0.74], at: [-40, -4, 10], level: true, ...wide },
  playerEye: { toward: [0.35, 0.5, -0.78], at: [-40, -4, 0], level: true, ...wide },
  downStick: { toward: [1, 0.35, -0.3], at: [-28, -8, 6], ...frame },
  profile: { toward: [-0.5, 0.85, -0.1], at: [-48, 0, 0], level: true, ...wide },
};

/** Where the eye stands for a view of a hold. */
export const stationOf = (view: PortraitView, hand: 'over' | 'under'): Station =>
  (hand === 'over' ? OVER : UNDER)[view];
