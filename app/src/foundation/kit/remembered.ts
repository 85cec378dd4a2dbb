import { useSyncExternalStore } from 'react';

/** A choice that this device remembers. */
export interface Remembered<T extends string> {
  get: () => T;
  set: (next: T) => void;
  /** The choice, and how to change it: whoever shows it shows the new one. */
  use: () => [T, (next: T) => void];
}

/**
 * One of several, kept in this browser from one visit to the next; without storage until the page is left.
 *
 * @param usual what it is until something was chosen
 */
export function remembered<T extends string>(
  key: string,
  options: readonly T[],
  usual: T,
): Remembered<T> {
  const listeners = new Set<() => void>();
  let chosen: T | null = null;
  const get = (): T => {
    if (chosen === null) {
      let kept: string | null = null;
      try {
        kept = localStorage.getItem(key);
      } catch {
        // Without storage each page begins with the usual one.
      }
      chosen = options.find((option) => option === kept) ?? usual;
    }
    return chosen;
  };
  const set = (next: T) => {
    chosen = next;
    try {
      localStorage.setItem(key, next);
    } catch {
      // It holds until the page is left.
    }
    listeners.forEach((listener) => listener());
  };
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  };
  return { get, set, use: () => [useSyncExternalStore(subscribe, get), set] };
}
