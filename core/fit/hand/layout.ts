import { FINGERS, type Finger } from '../../hand';

/** The five rays of the hand: the thumb and the fingers. */
export const RAYS = ['thumb', ...FINGERS] as const;
export type Ray = 'thumb' | Finger;

/** Unknowns of the hand itself, the same in every picture. Lengths in mm, angles in radians, sizes as logarithms. */
export const WRIST = 0;
export const TURN = 3;
export const SIZE = 6;
/** How much longer all last bones read than they are: whoever clicks a fingertip clicks all of them alike. */
export const TIPS = 7;
/** How much longer and wider the palm is than the fingers let expect, as a logarithm: wrists are clicked here and there. */
export const PALM = 8;

/** Where each ray's unknowns begin and what follows. */
const RAY_FIRST = 9;
export const RAY = {
  /** Where its base lies in the palm, against the usual hand: radial, distal, palmar. */
  base: 0,
  /** At its base: toward the radial side, about itself, toward the palm. */
  spread: 3,
  roll: 4,
  flexion: 5,
  /** At the thumb's MCP and IP, or a finger's PIP and DIP. */
  second: 6,
  third: 7,
  /** Three bones against the usual ones. */
  bones: 8,
  /** Sideways at the thumb's MCP; fingers have none. */
  secondSpread: 11,
  /** How the thumb's last hinge is turned about its bone against the one before; fingers' are alike. */
  twist: 12,
} as const;

const FINGER_UNKNOWNS = 11;
const THUMB_UNKNOWNS = 13;

/** The first unknown of a ray. */
export const firstOf = (ray: Ray): number => {
  const i = RAYS.indexOf(ray);
  return i === 0 ? RAY_FIRST : RAY_FIRST + THUMB_UNKNOWNS + (i - 1) * FINGER_UNKNOWNS;
};

/** How many unknowns the hand has. */
export const HAND_UNKNOWNS = RAY_FIRST + THUMB_UNKNOWNS + FINGERS.length * FINGER_UNKNOWNS;

/** Unknowns of one picture's camera and of the marks on the bow in it. */
export const CAMERA = {
  turn: 0,
  /** Logarithm of pixels per millimetre at the hand. */
  scale: 3,
  /** Where the middle of the hand's region shows, px. */
  across: 4,
  down: 5,
  /** Logarithm of the distance, mm. */
  distance: 6,
  /** Along the stick, mm. */
  handEnd: 7,
  tipEnd: 8,
  /** Heights of the marks on the frog, mm. */
  frogFront: 9,
  frogBack: 10,
} as const;

export const CAMERA_UNKNOWNS = 11;

/** The first unknown of a picture's camera. */
export const cameraFirst = (picture: number): number => HAND_UNKNOWNS + picture * CAMERA_UNKNOWNS;

/**
 * How many unknowns there are with so many pictures.
 *
 * @example unknowns(2) - unknowns(1) // 11
 */
export const unknowns = (pictures: number): number => cameraFirst(pictures);
