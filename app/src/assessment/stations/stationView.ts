import type { View } from '@open-palm/core/measure';
import type { Digit } from '@open-palm/core/pose/digits';
import type { PortraitView } from '@open-palm/core/portrait/views';
import type { StationId } from './stationPlan';

/** From where a station is looked at first. */
export const FIRST_VIEW: Record<StationId, PortraitView> = {
  thumb: 'thumbSide',
  fingers: 'fingerSide',
  little: 'fingerSide',
  wrist: 'profile',
  relaxation: 'fingerSide',
};

/** Where the eye stands for a drawn side, as measures know it. */
export const SIDE_OF: Record<PortraitView, View> = {
  fingerSide: 'finger-side',
  thumbSide: 'thumb-side',
  playerEye: 'player-eye',
  downStick: 'down-stick',
  profile: 'profile',
};

/** The part of the wanted hand that is laid over the portrait of a station; of the others all of it. */
export const IN_QUESTION: Partial<Record<StationId, readonly Digit[]>> = {
  thumb: ['thumb'],
  fingers: ['index', 'middle', 'ring'],
  little: ['little'],
};
