import { answers } from '@open-palm/words/answers';
import type { Context } from 'koa';
import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import type { FirstRun } from '@open-palm/contract';
import { notFound, Problem } from '../problem';
import type { Deriver } from '../derive/deriver';
import { staleSetups } from '../derive/repo';
import type { ChosenSettings } from '../studio/settings';
import { readCookie, writeCookie } from './cookies';
import type { Delays } from './delays';
import { visitorOf } from './door';
import { hashPassphrase, isPassphrase } from './passphrase';
import { allPeople, findPerson, putPerson } from '../people/repo';
import {
  addSession,
  changeSession,
  dropCodes,
  endIdleSessions,
  endSessions,
  passphraseOf,
  putPassphrase,
  takeCode,
} from './repo';
import { newToken, sha256 } from './token';
import { IDLE_MS, isBegun, type DoorParts } from './visitor';

/** What signing in needs, in a studio that has passphrases. */
export interface SessionParts extends DoorParts {
  access: Knex;
  /** The one connection that writes. */
  db: Knex;
  delays: Delays;
  settings: ChosenSettings;
  deriver: Deriver;
  /** Told once the studio has an owner. */
  onBegun?: () => void;
}

/** Begins a session in this browser; the one that it had before ends. */
export async function beginSession(
  ctx: Context,
  { access, reader, studioId, now }: DoorParts & { access: Knex },
  personId: string,
): Promise<void> {
  const person = await findPerson(reader, personId);
  if (!person || person.isOut) throw notFound('person', 'personId');
  const at = now().toISOString();
  const before = readCookie(ctx, 'session', studioId);
  if (before !== '') await endSessions(access, { token_sha256: sha256(before) });
  await endIdleSessions(access, new Date(now().getTime() - IDLE_MS).toISOString());
  const token = newToken();
  await addSession(access, {
    token_sha256: sha256(token),
    person_id: personId,
    person_name: person.name,
    person_role: person.role,
    device_id: visitorOf(ctx).device?.id ?? null,
    locked: 0,
    created_at: at,
    seen_at: at,
  });
  writeCookie(ctx, 'session', studioId, token);
}

/**
 * Begins a studio: its owner, its passphrase and what it chose, by the one-time link.
 *
 * @throws Problem `codeUsed` for a code that is none, `alreadyBegun` when somebody was faster
 */
export async function beginStudio(
  ctx: Context,
  parts: SessionParts,
  { code, name, passphrase, settings }: FirstRun,
): Promise<void> {
  const { access, db, now } = parts;
  if (await isBegun(access, db)) throw new Problem(409, 'alreadyBegun', answers.alreadyBegun, '');
  await tryCode(ctx, parts, code, 'firstRun');
  const hash = await hashPassphrase(passphrase);
  const at = now().toISOString();
  // A studio that was carried here from another machine has its owner already.
  const owner = (await allPeople(db)).find(({ role, isOut }) => role === 'owner' && !isOut);
  const id = owner?.id ?? uuidv7();
  const countsOtherwise = await parts.settings.keep(settings, (trx) =>
    putPerson(trx, { id, name, role: 'owner' }, at),
  );
  if (countsOtherwise) parts.deriver.wake(await staleSetups(db));
  await putPassphrase(access, id, hash, at);
  await beginSession(ctx, parts, id);
  parts.onBegun?.();
}

/** @throws Problem `wrongPassphrase`, or `tooSoon` after several mistakes */
export async function signIn(
  ctx: Context,
  parts: SessionParts,
  personId: string,
  typed: string,
): Promise<void> {
  const person = await findPerson(parts.db, personId);
  await checkPassphrase(ctx, parts, personId, typed, person !== undefined && !person.isOut);
  await beginSession(ctx, parts, personId);
}

/** Opens a locked screen: the session goes on. */
export async function unlock(ctx: Context, parts: SessionParts, typed: string): Promise<void> {
  const { person, session } = visitorOf(ctx);
  await checkPassphrase(ctx, parts, person!.id, typed);
  await changeSession(parts.access, session!.token_sha256, { locked: 0 });
}

/** Compares, but makes whoever guesses wait: by the device where there is one, so that nobody else can keep it out. */
async function checkPassphrase(
  ctx: Context,
  { access, delays, listener }: SessionParts,
  personId: string,
  typed: string,
  exists = true,
): Promise<void> {
  const from = visitorOf(ctx).device?.id ?? (listener.kind === 'machine' ? 'machine' : ctx.ip);
  const keys = [from, `${personId} ${from}`];
  await delays.mayTry(keys);
  const hash = exists ? await passphraseOf(access, personId) : undefined;
  if (hash === undefined || !(await isPassphrase(hash, typed))) {
    await delays.noteMistake(keys);
    throw new Problem(403, 'wrongPassphrase', answers.wrongPassphrase, 'passphrase');
  }
  await delays.forget(keys);
}

/**
 * Takes a one-time code out of use.
 *
 * @returns whom it is for
 * @throws Problem `codeUsed` for a code that was used, is of another studio or was never given, `codeLate` for one whose time is over
 */
export async function tryCode(
  ctx: Context,
  { access, delays, now }: SessionParts,
  code: string,
  kind: Parameters<typeof takeCode>[2],
): Promise<string | null> {
  const keys = [`code ${ctx.ip}`];
  await delays.mayTry(keys);
  const taken = await takeCode(access, sha256(code), kind);
  if (!taken) {
    await delays.noteMistake(keys);
    throw new Problem(403, 'codeUsed', answers.codeUsed, 'code');
  }
  if (taken.until < now().toISOString()) {
    throw new Problem(403, 'codeLate', answers.codeLate, 'code');
  }
  return taken.person_id;
}

/** Sets a passphrase by the one-time link of `npm run passphrase` or of the owner: whoever was signed in as that person is not any more. */
export async function renewPassphrase(
  ctx: Context,
  parts: SessionParts,
  code: string,
  passphrase: string,
): Promise<void> {
  const { access, db, now } = parts;
  const personId = await tryCode(ctx, parts, code, 'passphrase');
  const person = personId === null ? undefined : await findPerson(db, personId);
  if (!person || person.isOut) throw new Problem(403, 'codeUsed', answers.codeUsed, 'code');
  await putPassphrase(access, person.id, await hashPassphrase(passphrase), now().toISOString());
  await endSessions(access, { person_id: person.id });
  await dropCodes(access, { person_id: person.id });
  await beginSession(ctx, parts, person.id);
}

/** Changes one's own passphrase; sessions elsewhere end. */
export async function changePassphrase(
  ctx: Context,
  parts: SessionParts,
  { current, next }: { current: string | null; next: string },
): Promise<void> {
  const { access, now } = parts;
  const { id } = visitorOf(ctx).person!;
  if ((await passphraseOf(access, id)) !== undefined) {
    await checkPassphrase(ctx, parts, id, current ?? '');
  }
  await putPassphrase(access, id, await hashPassphrase(next), now().toISOString());
  await endSessions(access, { person_id: id });
  await beginSession(ctx, parts, id);
}

export async function signOut(ctx: Context, { access, studioId }: SessionParts): Promise<void> {
  const token = readCookie(ctx, 'session', studioId);
  if (token !== '') await endSessions(access, { token_sha256: sha256(token) });
  writeCookie(ctx, 'session', studioId, null);
}
