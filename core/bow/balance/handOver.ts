import { weightAtMm, weightInPlaneN, type BalanceSetup } from './setup';

/**
 * Where along the bow one side of the hand hands over to the other: where the moment that the hand must give changes its
 * sign. Over-hand from the little finger to the index: s* = W·c·cos φ·cos ψ/N; under-hand, about the web:
 * s* = W·(c + b)·cos φ·cos ψ/N − b.
 *
 * @returns mm from the thumb, or null in the air, or where an under-hand hold has no web at the button
 */
export function handOverMm(setup: BalanceSetup): number | null {
  const { string, hold, contacts } = setup;
  if (!string || string.forceN <= 0) return null;
  const about = hold === 'over' ? 0 : contacts.web === undefined ? null : -contacts.web;
  if (about === null) return null;
  return (weightInPlaneN(setup) * (weightAtMm(setup) + about)) / string.forceN - about;
}
