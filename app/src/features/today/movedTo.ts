import type { Access } from '@open-palm/contract';

/**
 * Where the studio is now, if it is to be left at the address that a page has; null where that address stays.
 *
 * @param origin of the page
 */
export function movedTo(access: Access | null, origin: string): string | null {
  if (!access || access.isLocal || access.origins.includes(origin)) return null;
  return access.origins[0] ?? null;
}
