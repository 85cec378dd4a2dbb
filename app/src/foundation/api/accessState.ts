import { useSyncExternalStore } from 'react';
import type { Access, StudioSettings } from '@open-palm/contract';
import { accessSchema } from '@open-palm/contract/access';
import { chooseSettings } from '../strings/chosen';
import { forgetRememberedAnswers } from './rememberedAnswers';

/** How this device stands at the studio's door, as it was last told: it is known without a network too. */
const KEY = 'open-palm.access';
/** Whether the screen was hidden while the studio could not be asked to lock it. */
const CURTAIN_KEY = 'open-palm.curtain';

let known: Access | null | undefined;
let curtain: boolean | undefined;
const listeners = new Set<() => void>();
const refusalListeners = new Set<() => void>();
const tell = () => listeners.forEach((listener) => listener());

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Null before the studio was ever asked. */
export function currentAccess(): Access | null {
  if (known === undefined) {
    known = stored();
    chooseSettings(known?.settings ?? null);
  }
  return known;
}

export const useAccess = (): Access | null => useSyncExternalStore(subscribe, currentAccess);

/** The person who is signed in; null in a studio without people, and while nobody is. */
export const currentPerson = (): string | null => currentAccess()?.me?.id ?? null;

/** Whether something that was made by somebody is theirs who is signed in; what was made before anybody had a name is everybody's. */
export const isOfThisPerson = (author: string | null | undefined): boolean =>
  author == null || currentPerson() === null || author === currentPerson();

/** What the studio chose for itself; null before it did, as in the demo. */
export const useStudioSettings = (): StudioSettings | null => useAccess()?.settings ?? null;

/** Standings in which students are shown. */
const INSIDE: ReadonlySet<Access['standing']> = new Set(['open', 'in']);
export const isInside = (access: Access): boolean => INSIDE.has(access.standing);

/** Notes how this device stands. What it remembers of students is forgotten once nobody is in, or somebody else is. */
export function noteAccess(access: Access): void {
  const before = currentAccess();
  known = access;
  chooseSettings(access.settings);
  keep(KEY, JSON.stringify(access));
  const isOther = before?.me != null && access.me?.id !== before.me.id;
  const isOut = !isInside(access) && access.standing !== 'locked';
  if (isOther || isOut) forgetRememberedAnswers();
  tell();
}

/** What the studio says to whoever may not ask it: how this device stands is asked anew then. */
const AT_THE_DOOR: ReadonlySet<string> = new Set([
  'signedOut',
  'locked',
  'notBegun',
  'unknownDevice',
  'deviceOut',
  'deviceAsks',
  'otherAuthor',
]);

export function noteRefusal(code: string): void {
  if (AT_THE_DOOR.has(code)) refusalListeners.forEach((listener) => listener());
}

export function onRefusal(listener: () => void): () => void {
  refusalListeners.add(listener);
  return () => refusalListeners.delete(listener);
}

/** Whether only this screen is hidden, and the studio knows nothing of it. */
export const hasCurtain = (): boolean => (curtain ??= read(CURTAIN_KEY) !== null);

export const useCurtain = (): boolean => useSyncExternalStore(subscribe, hasCurtain);

export function drawCurtain(isDrawn: boolean): void {
  curtain = isDrawn;
  keep(CURTAIN_KEY, isDrawn ? '1' : null);
  tell();
}

function stored(): Access | null {
  try {
    return accessSchema.safeParse(JSON.parse(read(KEY) ?? 'null')).data ?? null;
  } catch {
    return null;
  }
}

function read(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

function keep(key: string, value: string | null): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, value);
  } catch {
    // A browser without storage asks anew every time.
  }
}
