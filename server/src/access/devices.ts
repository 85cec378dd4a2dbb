import { randomInt } from 'node:crypto';
import { answers } from '@open-palm/words/answers';
import type { Context } from 'koa';
import { v7 as uuidv7 } from 'uuid';
import type { CodeAnswer } from '@open-palm/contract';
import { notFound, Problem } from '../problem';
import { writeCookie } from './cookies';
import { findPerson } from '../people/repo';
import { addCode, addDevice, changeDevice, endSessions, findDevice, type CodeKind } from './repo';
import { tryCode, type SessionParts } from './sessions';
import { newCode, newToken, sha256 } from './token';

/** How long a code can be used. */
const MINUTE_MS = 60_000;
export const PAIR_MS = 10 * MINUTE_MS;
const PASSPHRASE_MS = 24 * 60 * MINUTE_MS;

/**
 * Makes a one-time link for somebody: to let a device in, or to set a passphrase.
 *
 * @param origin where the link leads
 */
export async function codeFor(
  { access, db, now }: SessionParts,
  personId: string,
  kind: Exclude<CodeKind, 'firstRun'>,
  origin: string,
): Promise<CodeAnswer> {
  const person = await findPerson(db, personId);
  if (!person || person.isOut) throw notFound('person', 'personId');
  const code = newCode();
  const lives = kind === 'device' ? PAIR_MS : PASSPHRASE_MS;
  const until = new Date(now().getTime() + lives).toISOString();
  await addCode(access, { code_sha256: sha256(code), kind, person_id: personId, until });
  // In the part behind the # it stands in no log and is sent to nobody.
  return { url: `${origin}/${kind === 'device' ? 'pair' : 'welcome'}#${code}`, until };
}

/** A device asks to come in with a code; it is in once the owner says so. */
export async function pair(
  ctx: Context,
  parts: SessionParts,
  { code, name }: { code: string; name: string },
): Promise<void> {
  const { access, studioId, now } = parts;
  const personId = await tryCode(ctx, parts, code, 'device');
  const token = newToken();
  const at = now().toISOString();
  const device = {
    id: uuidv7(),
    name,
    personId: personId!,
    state: 'asks' as const,
    sign: String(randomInt(100, 1000)),
    addedAt: at,
    seenAt: at,
  };
  await addDevice(access, device, sha256(token));
  writeCookie(ctx, 'device', studioId, token);
}

/** Lets a device in that asks, or one that was put out. */
export async function letIn({ access }: SessionParts, id: string): Promise<void> {
  if (!(await findDevice(access, id))) throw notFound('device', 'id');
  await changeDevice(access, id, { state: 'in', due: 1 });
}

/** Puts a device out: its next request is refused. */
export async function putDeviceOut({ access }: SessionParts, id: string): Promise<void> {
  if (!(await findDevice(access, id))) throw notFound('device', 'id');
  await changeDevice(access, id, { state: 'out', due: 0 });
  await endSessions(access, { device_id: id });
}

export async function renameDevice(
  { access }: SessionParts,
  id: string,
  name: string,
): Promise<void> {
  if (!(await findDevice(access, id))) throw notFound('device', 'id');
  await changeDevice(access, id, { name });
}

/** @throws Problem `lastOwner`: somebody must be able to let others in */
export function refuseWithoutOwner(owners: number): void {
  if (owners === 0) throw new Problem(409, 'lastOwner', answers.lastOwner, 'role');
}
