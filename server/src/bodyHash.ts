import { createHash } from 'node:crypto';
import { canonical } from '@open-palm/records/merge';

/** Marks hashes of bodies as they were received; older ones were taken after defaults had been filled in. */
const AS_RECEIVED = 'r1:';

/** By what a repeated write is known as the same one: its body as it was received, in whichever order its keys came. */
export const receivedHash = (body: unknown): string =>
  AS_RECEIVED + createHash('sha256').update(canonical(body)).digest('hex');

/** Whether a kept hash is of before: then the facts themselves are compared. */
export const isOlderHash = (kept: string): boolean => !kept.startsWith(AS_RECEIVED);
