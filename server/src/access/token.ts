import { createHash, randomBytes } from 'node:crypto';

/** A secret that only its holder has: 128 random bits for a code that lives minutes, 256 for what lives long. */
export const newCode = (): string => randomBytes(16).toString('base64url');
export const newToken = (): string => randomBytes(32).toString('base64url');

/** Under what it is kept: whoever reads the file can come in with none of it. */
export const sha256 = (secret: string): string => createHash('sha256').update(secret).digest('hex');
