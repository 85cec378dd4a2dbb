import { balanceOf, type Forces } from './balance';
import { CONTACTS, type BalanceSetup, type ContactName } from './setup';

/** How well the numbers that a balance rests on are known: standard deviations. */
export interface SetupUncertainty {
  massG: number;
  balanceMm: number;
  contactsMm: BalanceSetup['contacts'];
}

/**
 * How well the natural share is known, N: each number is moved by its own standard deviation both ways, and what that
 * does is added up as independent errors are (first order).
 *
 * @param setup feasible
 * @returns a standard deviation for each contact
 */
export function forceUncertainty(setup: BalanceSetup, uncertainty: SetupUncertainty): Forces {
  const variance: Record<string, number> = {};
  const vary = (moved: (sign: 1 | -1) => BalanceSetup) => {
    const [more, less] = [shareOf(moved(1)), shareOf(moved(-1))];
    if (!more || !less) return;
    for (const contact of CONTACTS) {
      const half = ((more[contact] ?? 0) - (less[contact] ?? 0)) / 2;
      variance[contact] = (variance[contact] ?? 0) + half ** 2;
    }
  };
  vary((sign) => withBow(setup, { massG: setup.bow.massG + sign * uncertainty.massG }));
  vary((sign) => withBow(setup, { balanceMm: setup.bow.balanceMm + sign * uncertainty.balanceMm }));
  for (const [contact, sd] of Object.entries(uncertainty.contactsMm)) {
    const at = setup.contacts[contact as Exclude<ContactName, 'thumb'>];
    if (at === undefined || sd === 0) continue;
    vary((sign) => ({ ...setup, contacts: { ...setup.contacts, [contact]: at + sign * sd } }));
  }
  return Object.fromEntries(
    Object.entries(variance).map(([contact, squared]) => [contact, Math.sqrt(squared)]),
  );
}

const withBow = (setup: BalanceSetup, bow: Partial<BalanceSetup['bow']>): BalanceSetup => ({
  ...setup,
  bow: { ...setup.bow, ...bow },
});

function shareOf(setup: BalanceSetup): Forces | null {
  const answer = balanceOf(setup);
  return answer.feasible ? answer.balance.shareN : null;
}
