import { join } from 'node:path';
import type { Knex } from 'knex';
import { openAccess } from '../db/openDatabase';
import { addCode, dropCodes, revokeAll } from './repo';
import { isPutBack, stampAnew } from './stamp';
import { newCode, sha256 } from './token';
import { isBegun } from './visitor';

const DAY_MS = 86_400_000;

export const accessFile = (dataDir: string): string => join(dataDir, 'access.sqlite');

export interface OpenedDoor {
  access: Knex;
  /** Null where somebody has begun the studio. */
  firstRunCode: string | null;
  /** To be closed before the studio is. */
  close(): Promise<void>;
}

/**
 * Opens the file that says who may come in, and makes the one-time link's code where nobody has begun the studio. An earlier link holds no
 * longer.
 */
export async function openDoor(dataDir: string, db: Knex, now: () => Date): Promise<OpenedDoor> {
  const access = await openAccess(accessFile(dataDir));
  // Passphrases are this machine's and stay; but nobody who came in before comes in to what was put back.
  if (await isPutBack(access, db)) await revokeAll(access);
  await stampAnew(access, db);
  const close = async () => {
    await stampAnew(access, db);
    await access.destroy();
  };
  await dropCodes(access, { kind: 'firstRun' });
  if (await isBegun(access, db)) return { access, firstRunCode: null, close };
  const code = newCode();
  const until = new Date(now().getTime() + DAY_MS).toISOString();
  await addCode(access, { code_sha256: sha256(code), kind: 'firstRun', person_id: null, until });
  return { access, firstRunCode: code, close };
}
