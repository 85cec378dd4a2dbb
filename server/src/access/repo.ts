import type { Knex } from 'knex';
import type { Device, Person, Role } from '@open-palm/contract';

export interface Session {
  token_sha256: string;
  person_id: string;
  /** As they are called in the studio, and what they may do; kept up with it. */
  person_name: string;
  person_role: Role;
  device_id: string | null;
  locked: number;
  created_at: string;
  seen_at: string;
}

interface DeviceRow {
  id: string;
  token_sha256: string;
  name: string;
  person_id: string;
  state: Device['state'];
  due: number;
  sign: string;
  added_at: string;
  seen_at: string;
}

/** What a one-time code is for. */
export type CodeKind = 'firstRun' | 'passphrase' | 'device';

interface CodeRow {
  code_sha256: string;
  kind: CodeKind;
  person_id: string | null;
  until: string;
}

const deviceOf = (row: DeviceRow): Device => ({
  id: row.id,
  name: row.name,
  personId: row.person_id,
  state: row.state,
  sign: row.sign,
  addedAt: row.added_at,
  seenAt: row.seen_at,
});

export const passphraseOf = async (access: Knex, personId: string): Promise<string | undefined> =>
  (await access('passphrases').where({ person_id: personId }).first<{ hash: string }>('hash'))
    ?.hash;

export const peopleWithPassphrase = async (access: Knex): Promise<Set<string>> =>
  new Set(await access('passphrases').pluck('person_id'));

export async function putPassphrase(
  access: Knex,
  personId: string,
  hash: string,
  setAt: string,
): Promise<void> {
  await access('passphrases')
    .insert({ person_id: personId, hash, set_at: setAt })
    .onConflict('person_id')
    .merge();
}

export const findSession = (access: Knex, tokenSha256: string): Promise<Session | undefined> =>
  access<Session>('sessions').where({ token_sha256: tokenSha256 }).first();

export async function addSession(access: Knex, session: Session): Promise<void> {
  await access<Session>('sessions').insert(session);
}

export async function changeSession(
  access: Knex,
  tokenSha256: string,
  change: Partial<Pick<Session, 'locked' | 'seen_at'>>,
): Promise<void> {
  await access<Session>('sessions').where({ token_sha256: tokenSha256 }).update(change);
}

/** A person is called otherwise now, or may do something else: their sessions know it at once. */
export async function renameSessions(access: Knex, { id, name, role }: Person): Promise<void> {
  await access<Session>('sessions')
    .where({ person_id: id })
    .update({ person_name: name, person_role: role });
}

/** Ends sessions: one, all of a device, all of a person, or all there are. */
export async function endSessions(
  access: Knex,
  which: Partial<Pick<Session, 'token_sha256' | 'device_id' | 'person_id'>>,
): Promise<void> {
  await access<Session>('sessions').where(which).delete();
}

export async function endIdleSessions(access: Knex, before: string): Promise<void> {
  await access<Session>('sessions').where('seen_at', '<', before).delete();
}

export async function deviceByToken(
  access: Knex,
  tokenSha256: string,
): Promise<Device | undefined> {
  const row = await access<DeviceRow>('devices').where({ token_sha256: tokenSha256 }).first();
  return row && deviceOf(row);
}

export async function findDevice(access: Knex, id: string): Promise<Device | undefined> {
  const row = await access<DeviceRow>('devices').where({ id }).first();
  return row && deviceOf(row);
}

export const allDevices = async (access: Knex): Promise<Device[]> =>
  (await access<DeviceRow>('devices').orderBy('added_at')).map(deviceOf);

export async function addDevice(access: Knex, device: Device, tokenSha256: string): Promise<void> {
  await access<DeviceRow>('devices').insert({
    id: device.id,
    token_sha256: tokenSha256,
    name: device.name,
    person_id: device.personId,
    state: device.state,
    due: 0,
    sign: device.sign,
    added_at: device.addedAt,
    seen_at: device.seenAt,
  });
}

export async function changeDevice(
  access: Knex,
  id: string,
  change: Partial<Pick<DeviceRow, 'name' | 'state' | 'due' | 'seen_at'>>,
): Promise<void> {
  await access<DeviceRow>('devices').where({ id }).update(change);
}

/** Whether a device that was let in still has its first session to come; who asks takes it. */
export const takeDueSession = async (access: Knex, id: string): Promise<boolean> =>
  (await access<DeviceRow>('devices').where({ id, state: 'in', due: 1 }).update({ due: 0 })) === 1;

export async function addCode(access: Knex, code: CodeRow): Promise<void> {
  await access<CodeRow>('codes').insert(code);
}

/** Takes a code out of use. Of two that come at once with the same one, only one gets it. */
export async function takeCode(
  access: Knex,
  codeSha256: string,
  kind: CodeKind,
): Promise<Pick<CodeRow, 'person_id' | 'until'> | undefined> {
  const wanted = { code_sha256: codeSha256, kind };
  const row = await access<CodeRow>('codes').where(wanted).first();
  const taken = await access<CodeRow>('codes').where(wanted).delete();
  return taken === 1 ? row : undefined;
}

export async function dropCodes(access: Knex, which: Partial<CodeRow>): Promise<void> {
  await access<CodeRow>('codes').where(which).delete();
}

/** Puts everybody and every device out; passphrases stay. */
export async function revokeAll(access: Knex): Promise<void> {
  for (const table of ['sessions', 'devices', 'codes']) await access(table).delete();
}

/** What this machine knows of its door, and no copy of the studio does. */
export const readMachineFact = async (access: Knex, name: string): Promise<string | undefined> =>
  (await access('facts').where({ name }).first<{ value: string }>('value'))?.value;

export async function writeMachineFact(access: Knex, name: string, value: string): Promise<void> {
  await access('facts').insert({ name, value }).onConflict('name').merge();
}
