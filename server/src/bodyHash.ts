import { createHash } from 'node:crypto';

/** By what a repeated write is known as the same one. */
export const bodyHash = (body: unknown): string =>
  createHash('sha256').update(JSON.stringify(body)).digest('hex');
