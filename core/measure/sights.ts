import type { View } from './view';

/** Why a view cannot show something. */
export const BLIND_REASONS = [
  /** Behind the hand, the stick or the frog from there. */
  'hidden',
  /** The joint bends toward or away from the camera, so bent looks like straight. */
  'bendsTowardCamera',
  /** The view looks along the stick, so all places on it fall into one. */
  'alongStick',
  /** Seen so obliquely that the finger's place on the stick shifts. */
  'oblique',
  /** In the picture, but too small to be measured. */
  'tooSmall',
  /** Not in the picture at all. */
  'outOfFrame',
] as const;

export type BlindReason = (typeof BLIND_REASONS)[number];

/** From where something can be seen: the views that show it, best first, and why each of the others cannot. */
export interface Sight {
  views: readonly View[];
  blind: Partial<Record<View, BlindReason>>;
}

const outside = { front: 'tooSmall', 'bow-side': 'outOfFrame' } as const;

/** The sights that measures share. A test holds every one to all seven views. */
export const SIGHTS = {
  thumbBend: {
    views: ['thumb-side'],
    blind: {
      'finger-side': 'hidden',
      'player-eye': 'hidden',
      'down-stick': 'bendsTowardCamera',
      profile: 'hidden',
      ...outside,
    },
  },
  thumbOnStick: {
    views: ['thumb-side'],
    blind: {
      'finger-side': 'hidden',
      'player-eye': 'oblique',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      ...outside,
    },
  },
  thumbThrough: {
    views: ['finger-side'],
    blind: {
      'thumb-side': 'hidden',
      'player-eye': 'hidden',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      ...outside,
    },
  },
  thumbAgainstFingers: {
    views: ['thumb-side', 'player-eye'],
    blind: {
      'finger-side': 'hidden',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      ...outside,
    },
  },
  indexAgainstThumb: {
    views: ['player-eye'],
    blind: {
      'finger-side': 'hidden',
      'thumb-side': 'hidden',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      ...outside,
    },
  },
  fingersOnStick: {
    views: ['finger-side', 'player-eye'],
    blind: {
      'thumb-side': 'oblique',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      ...outside,
    },
  },
  fingerBend: {
    views: ['profile'],
    blind: {
      'finger-side': 'bendsTowardCamera',
      'thumb-side': 'hidden',
      'player-eye': 'bendsTowardCamera',
      'down-stick': 'hidden',
      ...outside,
    },
  },
  knuckleLine: {
    views: ['player-eye', 'front'],
    blind: {
      'finger-side': 'oblique',
      'thumb-side': 'hidden',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      'bow-side': 'outOfFrame',
    },
  },
  wristBend: {
    views: ['profile'],
    blind: {
      'finger-side': 'bendsTowardCamera',
      'thumb-side': 'bendsTowardCamera',
      'player-eye': 'bendsTowardCamera',
      'down-stick': 'hidden',
      ...outside,
    },
  },
  wristSideways: {
    views: ['player-eye'],
    blind: {
      'finger-side': 'outOfFrame',
      'thumb-side': 'outOfFrame',
      'down-stick': 'bendsTowardCamera',
      profile: 'bendsTowardCamera',
      ...outside,
    },
  },
  elbow: {
    views: ['front', 'profile'],
    blind: {
      'finger-side': 'outOfFrame',
      'thumb-side': 'outOfFrame',
      'player-eye': 'outOfFrame',
      'down-stick': 'outOfFrame',
      'bow-side': 'outOfFrame',
    },
  },
  bowOnString: {
    views: ['front'],
    blind: {
      'finger-side': 'outOfFrame',
      'thumb-side': 'outOfFrame',
      'player-eye': 'outOfFrame',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      'bow-side': 'outOfFrame',
    },
  },
  middleOfBow: {
    views: ['bow-side'],
    blind: {
      'finger-side': 'outOfFrame',
      'thumb-side': 'outOfFrame',
      'player-eye': 'outOfFrame',
      'down-stick': 'alongStick',
      profile: 'alongStick',
      front: 'tooSmall',
    },
  },
} as const satisfies Record<string, Sight>;

export type SightName = keyof typeof SIGHTS;

/**
 * Why a view cannot show this; null when it can.
 *
 * @example blindReason('thumbBend', 'finger-side') // 'hidden'
 */
export const blindReason = (sight: SightName, view: View): BlindReason | null =>
  (SIGHTS[sight] as Sight).blind[view] ?? null;

/**
 * The views that show this, best first.
 *
 * @example viewsOf('fingersOnStick') // ['finger-side', 'player-eye']
 */
export const viewsOf = (sight: SightName): readonly View[] => SIGHTS[sight].views;
