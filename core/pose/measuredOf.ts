import type { GripContacts } from '../measure/gripContacts';
import type { MeasureId } from '../measure/measureIds';
import type { Measure } from '../measure/measures';
import type { MeasuredGrip } from './measuredGrip';
import { DIGITS, type Digit } from './digits';

/** What of measures shapes a drawn hand: numbers as they are, categories as words. */
export function measuredOf(measures: readonly Measure[]): MeasuredGrip['measures'] {
  const out: Partial<Record<MeasureId, number | string>> = {};
  for (const measure of measures) {
    // A thumb that is not past the stick's far edge is drawn by its other measures.
    const isPlain = measure.id === 'thumbThrough' && measure.kind === 'number' && measure.value < 0;
    if (measure.kind !== 'looked' && !isPlain) out[measure.id] = measure.value;
  }
  return out;
}

/** Digits of which nobody has seen anything. */
export function unseenDigits(contacts: GripContacts, seen: readonly MeasureId[]): Digit[] {
  return DIGITS.filter((digit) => {
    const contact = digit === 'thumb' ? contacts.thumbXMm : contacts.fingers[digit];
    return contact === null && !seen.some((id) => id.startsWith(digit));
  });
}
