import { studioNow, useClockOff } from '../../api/clock';
import { Notice } from '../../kit/Notice';
import { strings } from '../../strings';
import { dayWords } from '../../strings/dateWords';

const words = strings.today;

/** That this device's clock is wrong: what is dated by it would spoil a history. */
export function ClockNotice() {
  if (useClockOff() === 0) return null;
  return (
    <Notice tone="out" title={words.clockTitle}>
      {words.clockOff(dayWords(new Date().toISOString()), dayWords(studioNow().toISOString()))}
    </Notice>
  );
}
