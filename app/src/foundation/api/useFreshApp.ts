import { usePathname } from 'expo-router';
import { useEffect } from 'react';
import { whenPartIsMissing } from '../kit/lazyPart';
import { noteRenewed, useOutdated } from './builds';

/** Where nothing is in a person's hand: elsewhere the page is loaded anew only when somebody says so. */
const CALM: readonly string[] = ['/', '/students', '/holds'];

/** A page is loaded anew at most once in this time, ms: a studio that answers by two builds must not make it go round. */
const ONCE_MS = 60_000;
const KEY = 'open-palm.reloaded-at';
/** How long the newer app's own worker may take to come, ms. */
const WORKER_MS = 8000;

/** Loads the page anew when the studio has a newer app or is another one, or a part of this app is gone, and nothing is in hand. */
export function useFreshApp(): void {
  const outdated = useOutdated();
  const isCalm = CALM.includes(usePathname());
  useEffect(() => {
    whenPartIsMissing(() => noteRenewed());
    // A screen's own part that does not come: scripts tell of it to nobody but the window.
    const onError = ({ target }: Event) => {
      if (target instanceof HTMLScriptElement) noteRenewed();
    };
    window.addEventListener('error', onError, true);
    return () => window.removeEventListener('error', onError, true);
  }, []);
  useEffect(() => {
    if (!outdated || !isCalm) return;
    const last = Number(sessionStorage.getItem(KEY));
    if (Date.now() - last < ONCE_MS) return;
    sessionStorage.setItem(KEY, String(Date.now()));
    void loadNewerApp();
  }, [outdated, isCalm]);
}

/** Loads the page anew, once the newer app has taken the place of the one that this browser keeps. */
export async function loadNewerApp(): Promise<void> {
  // A browser that lets no worker in has none to wait for.
  const registration = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  if (registration) {
    const takenOver = new Promise((resolve) => {
      navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true });
      setTimeout(resolve, WORKER_MS);
    });
    const updated = await registration.update().catch(() => registration);
    if (updated.installing ?? updated.waiting) await takenOver;
  }
  window.location.reload();
}
