import { solve } from 'yalps';
import hand from './data/handForces.json';
import { demandOf, leverArms } from './leverArms';
import type { BalanceSetup } from './setup';

/**
 * The largest string force at a place that no contact has to exceed its comfort cap for: a linear programme.
 *
 * @param atMm from the thumb
 * @param share of an adult's strength
 * @returns N; 0 where even the bow's own weight cannot be held
 */
export function loudestN(setup: BalanceSetup, atMm: number, share = 1): number {
  const levers = leverArms(setup);
  const { forceN, momentNmm } = demandOf(setup, null);
  const capped = levers.map(
    ({ contact }, i) => [`cap${i}`, { max: hand.capN[contact] * share }] as const,
  );
  const { status, result } = solve({
    direction: 'maximize',
    objective: 'string',
    constraints: [['force', { equal: forceN }], ['moment', { equal: momentNmm }], ...capped],
    variables: [
      // The string pushes like a lever that pushes up at its place.
      ['string', { string: 1, force: 1, moment: atMm }],
      ...levers.map(
        ({ atMm: at, direction }, i) =>
          [String(i), { force: direction, moment: direction * at, [`cap${i}`]: 1 }] as const,
      ),
    ],
  });
  return status === 'optimal' ? result : 0;
}
