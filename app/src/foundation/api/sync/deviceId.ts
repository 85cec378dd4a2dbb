import { v7 as uuidv7 } from 'uuid';
import { idSchema } from '@open-palm/contract/ids';

const KEY = 'open-palm.device';

/** The id of this device, by which the studio knows who made what; kept as long as the browser keeps anything. */
export function deviceId(): string {
  try {
    const kept = idSchema.safeParse(localStorage.getItem(KEY));
    if (kept.success) return kept.data;
    const fresh = uuidv7();
    localStorage.setItem(KEY, fresh);
    return fresh;
  } catch {
    // A browser without storage is another device every time.
    return uuidv7();
  }
}
