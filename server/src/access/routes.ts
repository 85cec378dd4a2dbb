import { Router } from '@koa/router';
import {
  firstRunSchema,
  newPassphraseSchema,
  pairSchema,
  renewPassphraseSchema,
  signInSchema,
  unlockSchema,
  type Access,
} from '@open-palm/contract';
import type { Context } from 'koa';
import { readBody } from '../readBody';
import type { PhoneWay } from '../phones/phoneWay';
import type { ChosenSettings } from '../studio/settings';
import { pair } from './devices';
import { visitorOf } from './door';
import { allPeople } from '../people/repo';
import { changeSession, peopleWithPassphrase, takeDueSession } from './repo';
import {
  beginSession,
  beginStudio,
  changePassphrase,
  renewPassphrase,
  signIn,
  signOut,
  unlock,
  type SessionParts,
} from './sessions';
import { whoAsks, type DoorParts, type Visitor } from './visitor';

/** How the one who asks stands at the door. */
interface StandingParts extends DoorParts {
  settings: ChosenSettings;
  phones: PhoneWay;
  publicOrigin?: string | undefined;
}

export function standingRoutes(parts: StandingParts): Router {
  const router = new Router({ prefix: '/api/access' });
  router.get('/', async (ctx) => {
    ctx.body = await standingOf(parts, await welcomed(ctx, parts));
  });
  return router;
}

/** Gives a device its first session, once the owner let it in. */
async function welcomed(ctx: Context, parts: DoorParts): Promise<Visitor> {
  const visitor = visitorOf(ctx);
  const { access } = parts;
  const { device, standing } = visitor;
  if (access === null || standing !== 'out' || !device) return visitor;
  if (!(await takeDueSession(access, device.id))) return visitor;
  await beginSession(ctx, { ...parts, access }, device.personId);
  return whoAsks(ctx, parts);
}

async function standingOf(
  { access, reader, listener, settings, phones, publicOrigin }: StandingParts,
  { standing, person, device }: Visitor,
): Promise<Access> {
  const known = access === null ? new Set<string>() : await peopleWithPassphrase(access);
  const isAtTheDoor = standing !== 'unknown' && standing !== 'asks';
  const people = isAtTheDoor ? await allPeople(reader) : [];
  return {
    standing,
    me: person && { id: person.id, name: person.name, role: person.role },
    hasPassphrase: person !== null && known.has(person.id),
    people: people
      .filter(({ id, isOut }) => !isOut && known.has(id))
      .map(({ id, name }) => ({ id, name })),
    device: device && { id: device.id, name: device.name, sign: device.sign },
    isLocal: listener.kind === 'machine',
    origins: isAtTheDoor
      ? [
          ...(publicOrigin === undefined ? [] : [publicOrigin]),
          ...(phones.door()?.standing().origins ?? []),
        ]
      : [],
    settings: isAtTheDoor ? settings.current() : null,
  };
}

/** Coming in, going out and locking the screen. */
export function accessRoutes(parts: SessionParts & StandingParts): Router {
  const { access } = parts;
  const router = new Router({ prefix: '/api/access' });
  /** How it stands after what was done. */
  const tell = async (ctx: Context) => {
    ctx.body = await standingOf(parts, await whoAsks(ctx, parts));
  };

  router.post('/first', async (ctx) => {
    await beginStudio(ctx, parts, readBody(firstRunSchema, ctx.request.body));
    await tell(ctx);
  });
  router.post('/in', async (ctx) => {
    const { personId, passphrase } = readBody(signInSchema, ctx.request.body);
    await signIn(ctx, parts, personId, passphrase);
    await tell(ctx);
  });
  router.post('/renew', async (ctx) => {
    const { code, passphrase } = readBody(renewPassphraseSchema, ctx.request.body);
    await renewPassphrase(ctx, parts, code, passphrase);
    await tell(ctx);
  });
  router.post('/passphrase', async (ctx) => {
    await changePassphrase(ctx, parts, readBody(newPassphraseSchema, ctx.request.body));
    await tell(ctx);
  });
  router.post('/out', async (ctx) => {
    await signOut(ctx, parts);
    await tell(ctx);
  });
  router.post('/lock', async (ctx) => {
    await changeSession(access, visitorOf(ctx).session!.token_sha256, { locked: 1 });
    await tell(ctx);
  });
  router.post('/unlock', async (ctx) => {
    await unlock(ctx, parts, readBody(unlockSchema, ctx.request.body).passphrase);
    await tell(ctx);
  });
  router.post('/pair', async (ctx) => {
    await pair(ctx, parts, readBody(pairSchema, ctx.request.body));
    await tell(ctx);
  });
  return router;
}
