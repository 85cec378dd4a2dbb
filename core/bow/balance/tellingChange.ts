import { balanceOf, type Balance, type BalanceAnswer } from './balance';
import { CONTACTS, type ContactName } from './setup';

/** A force that a change to the hand or the bow changes: of a contact, in the string's plane or across it. */
export interface ForceChange {
  contact: ContactName;
  plane: 'string' | 'across';
  fromN: number;
  toN: number;
}

/** What a change does: the one thing most worth saying. */
export type TellingChange =
  | { kind: 'force'; change: ForceChange }
  | { kind: 'nothing' }
  | { kind: 'lost'; why: Extract<BalanceAnswer, { feasible: false }>['why'] }
  | { kind: 'gained' }
  | { kind: 'neither' };

/** A difference that no hand feels, N. [memory] */
const FELT_N = 0.05;

/** Every force of a balance that differs from another's, the largest difference first. */
export function forceChanges(before: Balance, after: Balance): ForceChange[] {
  const changes: ForceChange[] = CONTACTS.map((contact) => ({
    contact,
    plane: 'string',
    fromN: before.shareN[contact] ?? 0,
    toN: after.shareN[contact] ?? 0,
  }));
  for (const contact of ['index', 'thumb'] as const) {
    const [fromN, toN] = [before.acrossN?.[contact], after.acrossN?.[contact]];
    if (fromN === undefined || toN === undefined) continue;
    changes.push({ contact, plane: 'across', fromN, toN });
  }
  const difference = ({ fromN, toN }: ForceChange) => Math.abs(toN - fromN);
  return changes
    .filter((change) => difference(change) >= FELT_N)
    .sort((a, b) => difference(b) - difference(a));
}

/**
 * What most changes between two answers: the force that differs most. The fingers come before the thumb, which only
 * answers them, unless it alone changes.
 */
export function tellingChange(
  before: ReturnType<typeof balanceOf>,
  after: ReturnType<typeof balanceOf>,
): TellingChange {
  if (!before.feasible) return after.feasible ? { kind: 'gained' } : { kind: 'neither' };
  if (!after.feasible) return { kind: 'lost', why: after.why };
  const changes = forceChanges(before.balance, after.balance);
  const change = changes.find(({ contact }) => contact !== 'thumb') ?? changes[0];
  return change ? { kind: 'force', change } : { kind: 'nothing' };
}
