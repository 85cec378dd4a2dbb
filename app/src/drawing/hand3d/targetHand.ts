import type { Hold } from '@open-palm/core/holds';
import { distance, type Point3 } from './handSolids';
import targets from './targetHands.json';

/** Points between which a hand's size is told: wrist and middle knuckle. */
const [WRIST, KNUCKLE] = [0, 9];

/**
 * The hand that a hold wants, as large as the hand beside which it is shown. It is grown about the thumb's tip, so that
 * it stays on the bow.
 *
 * @returns null for a hold whose hand was never posed
 */
export function targetHand(hold: Hold, beside: readonly Point3[]): Point3[] | null {
  const target = (targets as Record<string, number[][]>)[hold.own?.basedOn ?? hold.id] as
    Point3[] | undefined;
  if (!target) return null;
  const size =
    distance(beside[WRIST]!, beside[KNUCKLE]!) / distance(target[WRIST]!, target[KNUCKLE]!);
  const thumb = target[4]!;
  return target.map(
    (point) => point.map((value, i) => thumb[i]! + size * (value - thumb[i]!)) as unknown as Point3,
  );
}
