import { deviceNow, studioNow, useClockOff } from '../../foundation/api/clock';
import { Notice } from '../../foundation/kit/Notice';
import { strings } from '../../foundation/strings';
import { dayWords } from '../../foundation/strings/dateWords';

const words = strings.today;

/** That this device's clock is wrong: what is dated by it would spoil a history. */
export function ClockNotice() {
  if (useClockOff() === 0) return null;
  return (
    <Notice tone="out" title={words.clockTitle}>
      {words.clockOff(dayWords(deviceNow().toISOString()), dayWords(studioNow().toISOString()))}
    </Notice>
  );
}
