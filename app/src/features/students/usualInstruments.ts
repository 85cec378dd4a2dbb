import { INSTRUMENTS, type Instrument } from '@open-palm/core/holds';
import { chosenSettings } from '../../foundation/strings/chosen';

/** Every instrument, what is usually taught here first. */
export function usualInstruments(): readonly Instrument[] {
  const usual = chosenSettings()?.instruments ?? [];
  return [...usual, ...INSTRUMENTS.filter((instrument) => !usual.includes(instrument))];
}
