/** Whether the studio answered when it was last asked. */
let reachable = true;
const listeners = new Set<() => void>();

export const isReachable = (): boolean => reachable;

export function noteReach(answered: boolean): void {
  if (answered === reachable) return;
  reachable = answered;
  listeners.forEach((listener) => listener());
}

export function onReach(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
