import type { BalanceSetup, ContactName } from './setup';
import { weightAtMm, weightInPlaneN } from './setup';

/** A push on the stick in the string's plane: where, which way, by what. */
export interface LeverArm {
  contact: ContactName;
  atMm: number;
  /** 1 pushes away from the hair's side (up), −1 toward it (down). */
  direction: 1 | -1;
}

/** What the hand has to do in the string's plane: the sum of its pushes, and their moment about the thumb. */
export interface Demand {
  forceN: number;
  momentNmm: number;
}

/**
 * The pushes that a hold can give. Over-hand: the thumb up, the fingers down. Under-hand: the thumb down, the little
 * finger up, the web at the button both ways; index and middle finger lie at the stick's side and carry nothing here.
 */
export function leverArms({ hold, contacts }: BalanceSetup): LeverArm[] {
  const at = (contact: Exclude<ContactName, 'thumb'>, direction: 1 | -1): LeverArm[] => {
    const atMm = contacts[contact];
    return atMm === undefined ? [] : [{ contact, atMm, direction }];
  };
  if (hold === 'over') {
    return [
      { contact: 'thumb', atMm: 0, direction: 1 },
      ...at('index', -1),
      ...at('middle', -1),
      ...at('ring', -1),
      ...at('little', -1),
    ];
  }
  return [
    { contact: 'thumb', atMm: 0, direction: -1 },
    ...at('little', 1),
    ...at('web', 1),
    ...at('web', -1),
  ];
}

/** What weight and string leave for the hand: Σ pushes = weight − string, and the same for their moments. */
export function demandOf(setup: BalanceSetup, string = setup.string): Demand {
  const weight = weightInPlaneN(setup);
  const force = string?.forceN ?? 0;
  return {
    forceN: weight - force,
    momentNmm: weight * weightAtMm(setup) - force * (string?.atMm ?? 0),
  };
}

/** The forces of two levers that meet a demand; null where the two cannot, because they act at one place. */
export function pairForces(
  a: LeverArm,
  b: LeverArm,
  { forceN, momentNmm }: Demand,
): readonly [number, number] | null {
  const determinant = a.direction * b.direction * (b.atMm - a.atMm);
  if (determinant === 0) return null;
  return [
    (forceN * b.direction * b.atMm - momentNmm * b.direction) / determinant,
    (momentNmm * a.direction - forceN * a.direction * a.atMm) / determinant,
  ];
}
