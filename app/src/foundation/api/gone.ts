const listeners = new Set<() => void>();

/** The studio said of something that it was erased: this device is to forget it too. */
export const noteGone = (): void => listeners.forEach((listener) => listener());

/** @returns stops it */
export function onGone(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
