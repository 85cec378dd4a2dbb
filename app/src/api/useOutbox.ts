import { useEffect, useSyncExternalStore } from 'react';
import { outbox } from './outbox';
import { refreshStudent } from './queries';

const RETRY_MS = 20_000;

/** What waits on this device to be sent. */
export const useUnsent = () => useSyncExternalStore(outbox.subscribe, outbox.contents);

/** Sends what waits, and loads anew what changed by it. */
export async function sendUnsent(): Promise<void> {
  const students = await outbox.send();
  await Promise.all([...new Set(students)].map(refreshStudent));
}

/** Keeps the outbox moving: at the start, when the network is back, and now and then while something waits. */
export function useSendUnsent(): void {
  const waiting = useUnsent().some((unsent) => unsent.refused === undefined);
  useEffect(() => {
    void sendUnsent();
    const onOnline = () => void sendUnsent();
    window.addEventListener('online', onOnline);
    return () => window.removeEventListener('online', onOnline);
  }, []);
  useEffect(() => {
    if (!waiting) return;
    const timer = setInterval(() => void sendUnsent(), RETRY_MS);
    return () => clearInterval(timer);
  }, [waiting]);
}
