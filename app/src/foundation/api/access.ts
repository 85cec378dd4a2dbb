import type { Access, FirstRun } from '@open-palm/contract';
import { accessSchema } from '@open-palm/contract/access';
import type { z } from 'zod';
import { noteAccess } from './accessState';
import { ask } from './client';
import { paths } from './paths';

const GIVEN_UP_MS = 5000;

let asking: Promise<unknown> = Promise.resolve();

/**
 * Asks how this device stands at the studio's door. One question after the other: an answer may bring the session that the next one comes with, and an
 * earlier standing must not come last.
 */
export function loadAccess(): Promise<Access> {
  const mine = asking.then(async () => {
    // One that hangs must not keep the next one waiting for good.
    const signal = AbortSignal.timeout(GIVEN_UP_MS);
    const access = await ask(accessSchema, paths.access(), { signal });
    noteAccess(access);
    return access;
  });
  asking = mine.catch(() => undefined);
  return mine;
}

/** @throws ApiProblem with the studio's words */
async function step(name: string, body: object = {}): Promise<Access> {
  const access = await post(accessSchema, paths.access(name), body);
  noteAccess(access);
  return access;
}

/** A request that changes something and has no id of its own. */
export const post = <S extends z.ZodType>(
  schema: S,
  path: string,
  body: object = {},
): Promise<z.infer<S>> =>
  ask(schema, path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

export const beginStudio = (first: FirstRun) => step('first', first);
export const signIn = (personId: string, passphrase: string) =>
  step('in', { personId, passphrase });
export const renewPassphrase = (code: string, passphrase: string) =>
  step('renew', { code, passphrase });
export const changePassphrase = (current: string | null, next: string) =>
  step('passphrase', { current, next });
export const signOut = () => step('out');
export const lockSession = () => step('lock');
export const unlockSession = (passphrase: string) => step('unlock', { passphrase });
export const pairDevice = (code: string, name: string) => step('pair', { code, name });
