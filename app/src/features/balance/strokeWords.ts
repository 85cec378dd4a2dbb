import { CONTACTS, type Forces, type StrokePoint } from '@open-palm/core/balance';
import { balanceWords } from '../../foundation/strings/balance';
import { isAboveCap } from './contactMark';

const words = balanceWords;

/** Whether every force of a share is comfortable. */
const isAtEase = (forces: Forces, strength: number): boolean =>
  CONTACTS.every((contact) => !isAboveCap(contact, forces[contact] ?? 0, strength));

/**
 * Up to where a stroke stays comfortable, from the heel.
 *
 * @returns the first place that is not, as `at` of the stroke; null where all of it is
 */
export function easeEnds(stroke: readonly StrokePoint[], strength: number): number | null {
  const first = stroke.find(
    ({ answer }) => !answer.feasible || !isAtEase(answer.balance.shareN, strength),
  );
  return first ? first.at : null;
}

/** The same in words, as a share of the bow. */
export function easeWords(stroke: readonly StrokePoint[], strength: number): string {
  const ends = easeEnds(stroke, strength);
  const [heel, point] = [stroke[0]!.at, stroke.at(-1)!.at];
  if (ends === null) return words.stroke.always;
  const share = (ends - heel) / (point - heel);
  if (share < 0.02) return words.stroke.never;
  return words.stroke.reaches(`${Math.round(share * 100)} %`);
}
