import { useDeferredValue, type ReactNode } from 'react';

/** What may come a moment after the rest of a screen: it is drawn in pieces, between which a touch is answered. */
export function Later({ children }: { children: ReactNode }) {
  return useDeferredValue(true, false) ? children : null;
}
