import type { Context } from 'koa';
import type { Knex } from 'knex';
import type { Access, Device, Person } from '@open-palm/contract';
import { readCookie } from './cookies';
import type { Listener } from './listener';
import { allPeople } from '../people/repo';
import {
  changeDevice,
  changeSession,
  deviceByToken,
  endSessions,
  findSession,
  peopleWithPassphrase,
  type Session,
} from './repo';
import { sha256 } from './token';

/** Who asks, as far as the studio knows. */
export interface Visitor {
  standing: Access['standing'];
  person: Person | null;
  device: Device | null;
  session: Session | null;
}

/** What is needed to know who asks. */
export interface DoorParts {
  /** Who may come in; null for a studio that is open to whoever is at this machine, as the demo's is. */
  access: Knex | null;
  reader: Knex;
  studioId: string;
  listener: Listener;
  now: () => Date;
}

const DAY_MS = 86_400_000;
/** Whoever does not come for so long signs in again. */
export const IDLE_MS = 30 * DAY_MS;
/** That somebody was here is noted no more often than this. */
const NOTED_MS = 10 * 60_000;

const NOBODY = { person: null, device: null, session: null } as const;

/** Finds out by its cookies who asks. */
export async function whoAsks(ctx: Context, parts: DoorParts): Promise<Visitor> {
  const { access, reader, studioId, listener, now } = parts;
  if (access === null) return { ...NOBODY, standing: 'open' };
  const deviceToken = readCookie(ctx, 'device', studioId);
  const device =
    deviceToken === '' ? null : ((await deviceByToken(access, sha256(deviceToken))) ?? null);
  // From the network only devices may so much as knock that the owner let in.
  if (listener.kind !== 'machine') {
    if (device?.state === 'asks') return { ...NOBODY, device, standing: 'asks' };
    if (device?.state !== 'in') return { ...NOBODY, device, standing: 'unknown' };
  }
  const token = readCookie(ctx, 'session', studioId);
  const session = token === '' ? undefined : await findSession(access, sha256(token));
  const isDevices = session?.device_id == null || session.device_id === device?.id;
  if (session && isDevices) {
    const person = {
      id: session.person_id,
      name: session.person_name,
      role: session.person_role,
    };
    const idleMs = now().getTime() - Date.parse(session.seen_at);
    if (idleMs <= IDLE_MS) {
      if (idleMs > NOTED_MS) await noteSeen(access, session, now().toISOString());
      return { person, device, session, standing: session.locked ? 'locked' : 'in' };
    }
    await endSessions(access, { token_sha256: session.token_sha256 });
  }
  return { ...NOBODY, device, standing: (await isBegun(access, reader)) ? 'out' : 'new' };
}

async function noteSeen(access: Knex, session: Session, at: string): Promise<void> {
  await changeSession(access, session.token_sha256, { seen_at: at });
  if (session.device_id !== null) await changeDevice(access, session.device_id, { seen_at: at });
}

/** Whether somebody of this studio can sign in: else it waits for its first run. */
export async function isBegun(access: Knex, reader: Knex): Promise<boolean> {
  const known = await peopleWithPassphrase(access);
  return (await allPeople(reader)).some(
    ({ id, role, isOut }) => role === 'owner' && !isOut && known.has(id),
  );
}
