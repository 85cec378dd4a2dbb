import { router } from 'expo-router';
import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { loadAccess } from '../../foundation/api/access';
import { isInside, onRefusal, useAccess, useCurtain } from '../../foundation/api/accessState';
import { forgetErased } from '../../foundation/api/forgetErased';
import { onGone } from '../../foundation/api/gone';
import { rememberStudio } from '../../foundation/api/offlineApp';
import { isReachable, onReach } from '../../foundation/api/reach';
import { sync } from '../../foundation/api/sync';
import { lazyPart } from '../../foundation/kit/lazyPart';

/** What stands before the door comes only where the door is shut. */
const Door = lazyPart<object>(
  async () => (await import('./Door')).Door,
  () => ({ minHeight: 200 }),
);

/** Shows the studio to whoever is in. What is known of this device is believed until the studio says otherwise, so that it works without a network. */
export function Gate({ children }: { children: ReactNode }) {
  const access = useAccess();
  const curtain = useCurtain();
  const [wasAsked, setAsked] = useState(false);
  // The link of a new passphrase is followed by whoever brings it, signed in or not.
  const [bringsCode] = useState(
    () => window.location.pathname === '/welcome' && window.location.hash.length > 1,
  );
  const person = useRef(access?.me?.id);
  useEffect(() => {
    const asked = () =>
      void loadAccess()
        .catch(() => undefined)
        .finally(() => setAsked(true));
    asked();
    const stopRefusals = onRefusal(asked);
    const stopReach = onReach(() => isReachable() && asked());
    return () => {
      stopRefusals();
      stopReach();
    };
  }, []);
  const me = access?.me?.id;
  useEffect(() => {
    if (person.current !== undefined && me !== undefined && me !== person.current) {
      // What this page has in its memory belongs to whoever was in before.
      window.location.replace('/');
      return;
    }
    person.current = me ?? person.current;
  }, [me]);
  const inside = access !== null && isInside(access);
  const isOpen = inside && !curtain && !bringsCode;
  useSamePlace(isOpen);
  useEffect(() => {
    if (!inside) return;
    // What waited for whoever is in now is due; where nothing may be kept, or the studio is away, nothing comes of either.
    void sync.hurry().catch(() => undefined);
    void rememberStudio().catch(() => undefined);
    const forget = () => void forgetErased().catch(() => undefined);
    forget();
    return onGone(forget);
  }, [inside, me]);
  if (access === null) return wasAsked ? <Door /> : null;
  return isOpen ? children : <Door />;
}

/** Brings whoever comes in again to the page they were at: screens that are taken down leave the address of the first. */
function useSamePlace(isOpen: boolean): void {
  const place = useRef(isOpen ? null : address());
  useLayoutEffect(() => {
    if (!isOpen) return;
    return () => {
      place.current = address();
    };
  }, [isOpen]);
  useEffect(() => {
    if (!isOpen || place.current === null) return;
    if (address() !== place.current) router.replace(place.current as '/');
    place.current = null;
  }, [isOpen]);
}

const address = () => window.location.pathname + window.location.search;
