import { useElsewhere, useEntries } from '../../foundation/api/sync/useSync';
import { Notice } from '../../foundation/kit/Notice';
import { doorWords } from '../../foundation/strings/door';

/** How much is on this device alone; of whom stays behind the door. */
export function HowMuchWaits() {
  const count = useEntries().length + useElsewhere().length;
  return count === 0 ? null : <Notice>{doorWords.signIn.waits(count)}</Notice>;
}
