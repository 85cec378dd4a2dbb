import { valueAt, withValueAt } from '@open-palm/records/merge';
import type { Entry } from '../../foundation/api/sync/entry';

export type Side = 'mine' | 'theirs';

/**
 * What counts after a person has chosen, field by field. What the studio sent has everything already that only one side changed.
 *
 * @param sides one for each field of the conflict, in its order
 */
export function chosenBody(entry: Entry, sides: readonly Side[]): Entry['body'] {
  const { fields, theirs, version } = entry.conflict!;
  // Of a take only what may be corrected is compared; the recording stands here.
  const together: unknown = { ...entry.body, ...(theirs as object) };
  const chosen = fields
    .filter((_, i) => sides[i] === 'mine')
    .reduce<unknown>((body, path) => withValueAt(body, path, valueAt(entry.body, path)), together);
  return (
    entry.kind === 'hold' ? { ...(chosen as object), version: version + 1 } : chosen
  ) as Entry['body'];
}
