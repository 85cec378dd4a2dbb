type Trouble = 'full' | 'readOnly';

let trouble: Trouble | null = null;
const listeners = new Set<() => void>();

/** Why the studio that answers can only be read, as far as its last answer told; null where it takes what is written. */
export const readingTrouble = (): Trouble | null => trouble;

/** @param header what an answer says of it */
export function noteReading(header: string | null): void {
  const now = header === 'full' || header === 'readOnly' ? header : null;
  if (now === trouble) return;
  trouble = now;
  listeners.forEach((listener) => listener());
}

export function onReading(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
