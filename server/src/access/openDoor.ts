import { join } from 'node:path';
import type { Knex } from 'knex';
import { openAccess } from '../db/openDatabase';
import { addCode, dropCodes, readMachineFact, revokeAll, writeMachineFact } from './repo';
import { newCode, sha256 } from './token';
import { isBegun } from './visitor';

const DAY_MS = 86_400_000;

export const accessFile = (dataDir: string): string => join(dataDir, 'access.sqlite');

/**
 * Opens the file that says who may come in, and makes the one-time link's code where nobody has begun the studio. An earlier link holds no
 * longer.
 */
export async function openDoor(
  dataDir: string,
  db: Knex,
  studioId: string,
  now: () => Date,
): Promise<{ access: Knex; firstRunCode: string | null }> {
  const access = await openAccess(accessFile(dataDir));
  await leaveOthersOutside(access, studioId);
  await dropCodes(access, { kind: 'firstRun' });
  if (await isBegun(access, db)) return { access, firstRunCode: null };
  const code = newCode();
  const until = new Date(now().getTime() + DAY_MS).toISOString();
  await addCode(access, { code_sha256: sha256(code), kind: 'firstRun', person_id: null, until });
  return { access, firstRunCode: code };
}

const STUDIO = 'studio';

/**
 * Where another studio was put into this folder, as a copy of one from elsewhere: passphrases of this machine stay with the people whose they are, but
 * nobody is signed in, and no device is in.
 */
async function leaveOthersOutside(access: Knex, studioId: string): Promise<void> {
  const known = await readMachineFact(access, STUDIO);
  if (known === studioId) return;
  if (known !== undefined) await revokeAll(access);
  await writeMachineFact(access, STUDIO, studioId);
}
