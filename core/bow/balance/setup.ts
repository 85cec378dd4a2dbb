/** What touches the bow. The web is the fold between thumb and index, which holds the button of a German bow. */
export const CONTACTS = ['thumb', 'index', 'middle', 'ring', 'little', 'web'] as const;
export type ContactName = (typeof CONTACTS)[number];

/** A bow as a lever. */
export interface BalanceBow {
  massG: number;
  /** From the button's end to where it balances. */
  balanceMm: number;
  /** From the button's end to where the thumb touches. */
  thumbMm: number;
  lengthMm: number;
}

/** A bow in a hand: everything that its balance depends on. */
export interface BalanceSetup {
  bow: BalanceBow;
  /** Over the stick (violin to French bass) or under the frog (German bass). */
  hold: 'over' | 'under';
  /** Where each contact is along the stick, mm from the thumb, negative toward the button; what is off the bow is absent. */
  contacts: Partial<Record<Exclude<ContactName, 'thumb'>, number>>;
  /** How hard the string presses back, and where, mm from the thumb; null in the air. */
  string: { forceN: number; atMm: number } | null;
  /** Of the stick above the horizontal, degrees. */
  tiltDeg: number;
  /** Between gravity and the direction of the string's force, degrees. */
  planeDeg: number;
}

/** Standard gravity, m/s². [published: CGPM 1901] */
export const GRAVITY = 9.80665;

const RAD = Math.PI / 180;

/**
 * The bow's weight, N.
 *
 * @example weightN({ bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 } }) // 0.5884
 */
export const weightN = ({ bow }: BalanceSetup): number => (bow.massG / 1000) * GRAVITY;

/**
 * How far ahead of the thumb the bow's weight acts, mm.
 *
 * @example weightAtMm({ bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 } }) // 183
 */
export const weightAtMm = ({ bow }: BalanceSetup): number => bow.balanceMm - bow.thumbMm;

/** The part of the weight that acts in the string's plane, N. */
export const weightInPlaneN = (setup: BalanceSetup): number =>
  weightN(setup) * Math.cos(setup.tiltDeg * RAD) * Math.cos(setup.planeDeg * RAD);

/** The part of the weight that acts across the string's plane, N. */
export const weightAcrossN = (setup: BalanceSetup): number =>
  weightN(setup) * Math.sin(setup.planeDeg * RAD);

/** The part of the weight that pulls the bow along itself, N. */
export const weightAlongN = (setup: BalanceSetup): number =>
  weightN(setup) * Math.abs(Math.sin(setup.tiltDeg * RAD));
