import type { GripContacts } from '../measure/gripContacts';
import type { MeasureId } from '../measure/measureIds';
import type { Measure } from '../measure/measures';
import type { MeasuredGrip } from './measuredGrip';
import { DIGITS, type Digit } from './digits';

/**
 * What of measures shapes a drawn hand: numbers as they are, categories as words. Of a measure that was taken in several places of the bow
 * the first counts, which is the one of no place where there is one.
 */
export function measuredOf(measures: readonly Measure[]): MeasuredGrip['measures'] {
  const out: Partial<Record<MeasureId, number | string>> = {};
  for (const measure of measures) {
    // A thumb that is not past the stick's far edge is drawn by its other measures.
    const isPlain = measure.id === 'thumbThrough' && measure.kind === 'number' && measure.value < 0;
    if (measure.kind !== 'looked' && !isPlain) out[measure.id] ??= measure.value;
  }
  return out;
}

/**
 * Digits that are drawn as nobody has seen them: fingers of which neither a contact nor anything else was seen, and a thumb whose bend was
 * not, for the bend is what is seen first in a drawn thumb.
 *
 * @param seen what was measured, tapped, or looked at and found good
 */
export function unseenDigits(contacts: GripContacts, seen: readonly MeasureId[]): Digit[] {
  return DIGITS.filter((digit) =>
    digit === 'thumb'
      ? !seen.includes('thumbIpFlexion')
      : contacts.fingers[digit] === null && !seen.some((id) => id.startsWith(digit)),
  );
}

/** The bend by which a digit is known. */
const BENDS: Record<Digit, MeasureId> = {
  thumb: 'thumbIpFlexion',
  index: 'indexPipFlexion',
  middle: 'middlePipFlexion',
  ring: 'ringPipFlexion',
  little: 'littlePipFlexion',
};

/**
 * Digits whose bend is drawn as the hold wants it, because nobody has measured it or looked at it, although the digit itself was seen.
 *
 * @param seen what was measured, tapped, or looked at and found good
 */
export const supposedBends = (unseen: readonly Digit[], seen: readonly MeasureId[]): Digit[] =>
  DIGITS.filter((digit) => !unseen.includes(digit) && !seen.includes(BENDS[digit]));
