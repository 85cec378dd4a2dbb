import { hash, verify } from '@node-rs/argon2';
import { Semaphore } from 'async-mutex';

/**
 * Argon2id with more memory and passes than OWASP's least (19 MiB, 2 passes; Password Storage Cheat Sheet, from memory): about a fifth of
 * a second here, which a person does not mind and somebody who tries millions does.
 */
const COST = { memoryCost: 96 * 1024, timeCost: 3, parallelism: 1 };

/** Each takes 96 MB and a core: more at once would take the studio away from those who are in. */
const turns = new Semaphore(2);

/** The same letters, however a keyboard put them together. */
const letters = (passphrase: string): string => passphrase.normalize('NFKC');

export const hashPassphrase = (passphrase: string): Promise<string> =>
  turns.runExclusive(() => hash(letters(passphrase), COST));

export const isPassphrase = (hashed: string, typed: string): Promise<boolean> =>
  turns.runExclusive(() => verify(hashed, letters(typed)));
