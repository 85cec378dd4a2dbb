import { useSyncExternalStore } from 'react';

/** How far a device's clock may be off before it is noticed: less is a slow answer or another time zone's habit. */
const NOTICED_MS = 12 * 3_600_000;

/** Studio's clock − this device's, ms; 0 while they agree or the studio was not heard. */
let offMs = 0;
const listeners = new Set<() => void>();

/**
 * Compares this device's clock with the studio's.
 *
 * @param date the `Date` header of an answer
 */
export function noteStudioTime(date: string | null): void {
  const atMs = date === null ? NaN : Date.parse(date);
  if (Number.isNaN(atMs)) return;
  const by = atMs - Date.now();
  const next = Math.abs(by) < NOTICED_MS ? 0 : by;
  // Within a minute it is the same error, told by a slower answer.
  if (Math.abs(next - offMs) < 60_000) return;
  offMs = next;
  listeners.forEach((listener) => listener());
}

/** What time it is, by the studio's clock where this device's is known to be wrong: looks are dated by it. */
export const studioNow = (): Date => new Date(Date.now() + offMs);

/** What time this device believes it is, to be shown where it is wrong. */
export const deviceNow = (): Date => new Date();

/** How far this device's clock is behind the studio's, ms; 0 while it is right. */
export const useClockOff = (): number =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => offMs,
  );

/** The time zone that this device, and so the teacher, lives by. */
export const deviceZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
