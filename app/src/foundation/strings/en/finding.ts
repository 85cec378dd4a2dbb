import type { View } from '@open-palm/core/measure';
import type { HandSearch } from '@open-palm/vision/findHand';

/** Words of finding the hand in a picture, and of confirming what was found. */

export const finder = {
  loading: (percent: number) =>
    `Getting the hand finder ready, ${percent} %. Begin by hand meanwhile.`,
  looking: 'Looking for the hand',
  progress: 'How much of the hand finder is loaded',
  askTwo: 'Show it',
  flip: 'Flip it',
  retry: 'Try again',
  touching:
    'Touch the wrist, then the knuckle of the middle finger. The other points are then looked for around them.',
  notThere:
    'No hand was made out there either. Place the points by hand: all numbers are the same.',
  nothing: {
    noHand:
      'No bow hand was made out here. Show it by wrist and knuckle, flip a mirrored picture, or go on by hand.',
    severalHands:
      'There is more than one hand here. Show by wrist and knuckle which one holds the bow.',
    tooDark: 'This picture is almost black. Take it again with light from the front.',
    tooSmall: 'This picture is too small to find a hand in. Take a larger one.',
  } satisfies Record<Exclude<HandSearch['outcome'], 'found'>, string>,
  unavailable: {
    missing:
      'The hand finder could not be loaded. Place the points by hand; all else works as ever.',
    damaged:
      'The hand finder’s files are damaged. Place the points by hand, or try loading them again.',
    unsupported: 'This browser cannot run the hand finder. Place the points by hand.',
  },
};

export const confirm = {
  ask: 'A guess: is it right?',
  progress: (done: number, all: number) => `${done} of ${all} points`,
  right: 'Right',
  move: 'Move it',
  cannotSee: 'Can’t see it',
  cannotSeeThis: 'Can’t see this one',
  groups: {
    bow: 'The bow: stick and frog',
    wrist: 'Wrist',
    thumbMcp: 'Thumb: root and middle joint',
    thumbIp: 'Thumb: last joint',
    thumbTip: 'Thumb: tip',
    index: 'Index finger',
    middle: 'Middle finger',
    ring: 'Ring finger',
    little: 'Little finger',
  },
  hint: {
    one: 'Touch where it really is, or drag the ring.',
    several: 'Drag a ring to where it belongs.',
  },
  guess: (point: string, x: number, y: number) => `${point}, a guess, at ${x}, ${y}`,
};

const nearIt = 'An arm’s length away, so that the bow hand fills about half of the picture.';

/** How a picture is taken well, in three cards. */
export const takingIt = {
  open: 'How to take it',
  title: 'How to take it',
  cards: { distance: 'How far', angle: 'From where', light: 'Light and sleeve' },
  distance: {
    'finger-side': nearIt,
    'thumb-side': nearIt,
    'player-eye': nearIt,
    'down-stick': nearIt,
    profile: 'A good step away: hand, wrist and half of the forearm are in the picture.',
    front: 'Two steps away: bow, bridge and the whole arm are in the picture.',
    'bow-side':
      'A step away: the frog at one edge, more than the middle of the bow in the picture.',
  } satisfies Record<View, string>,
  level: 'Hold the device level and keep it still: what is seen askew is measured askew.',
  light:
    'Light from your side, not from behind the hand. The sleeve is pushed back and the wrist bare.',
  apart: 'A plain ground behind the hand helps: a wall, not the music stand.',
  step: (n: number, all: number) => `${n} of ${all}`,
  next: 'Next',
  done: 'To the camera',
  sample: 'A sample',
  hideSample: 'Close it',
  sampleOf: (view: string) => `A sample, ${view}, with its points`,
  drawn: (view: string) => `A drawn sample, ${view}`,
  sampleNote: 'A violin bow in the right hand; every other bow and hand is taken likewise.',
};
