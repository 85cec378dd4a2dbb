import { FINGERS } from '../hand';
import type { GripContacts } from './gripContacts';

/** Each contact from the newest check that shows it. */
export function mergeContacts(newestFirst: readonly GripContacts[]): GripContacts {
  const firstSeen = <T>(pick: (contacts: GripContacts) => T | null): T | null => {
    for (const contacts of newestFirst) {
      const seen = pick(contacts);
      if (seen !== null) return seen;
    }
    return null;
  };
  const fingers = {} as GripContacts['fingers'];
  for (const finger of FINGERS) {
    const newest = firstSeen((contacts) => contacts.fingers[finger]);
    // A depth that was only told stands where the finger was last seen along the stick.
    const placed = firstSeen(({ fingers: { [finger]: seen } }) => (seen?.onlyDepth ? null : seen));
    fingers[finger] =
      newest?.onlyDepth && placed
        ? { u: newest.u, dMm: newest.dMm, touching: newest.touching, xMm: placed.xMm }
        : newest;
  }
  return { thumbXMm: firstSeen((c) => c.thumbXMm), fingers };
}
