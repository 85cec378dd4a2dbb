import { useSyncExternalStore } from 'react';
import { PORTRAIT_VIEWS, type PortraitView } from '@open-palm/core/portrait/views';
import type { Hold } from '@open-palm/core/holds';

type HandKind = Hold['hand'];

/** From where a hold is looked at first: an under-hand one shows nothing from the fingers' side. */
const FIRST: Record<HandKind, PortraitView> = { over: 'fingerSide', under: 'playerEye' };

/** The sides that a tap goes through. */
export const TURNED: Record<HandKind, readonly PortraitView[]> = {
  over: ['fingerSide', 'thumbSide', 'playerEye', 'profile'],
  under: ['playerEye', 'thumbSide', 'downStick', 'fingerSide', 'profile'],
};

const keyOf = (hand: HandKind) => `open-palm.side.${hand}`;
const listeners = new Set<() => void>();
const chosen: Partial<Record<HandKind, PortraitView>> = {};

function chosenView(hand: HandKind): PortraitView {
  if (!chosen[hand]) {
    let kept: string | null = null;
    try {
      kept = localStorage.getItem(keyOf(hand));
    } catch {
      // Without storage each page begins with the usual side.
    }
    chosen[hand] = PORTRAIT_VIEWS.find((view) => view === kept) ?? FIRST[hand];
  }
  return chosen[hand];
}

/** The side from which portraits are looked at on this device, and how to choose another. */
export function usePortraitView(hand: HandKind): [PortraitView, (view: PortraitView) => void] {
  const view = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => chosenView(hand),
  );
  const choose = (next: PortraitView) => {
    chosen[hand] = next;
    try {
      localStorage.setItem(keyOf(hand), next);
    } catch {
      // It holds until the page is left.
    }
    listeners.forEach((listener) => listener());
  };
  return [view, choose];
}

/** The side after this one, or before it. */
export function turned(view: PortraitView, by: 1 | -1, hand: HandKind): PortraitView {
  const sides = TURNED[hand];
  return sides[(sides.indexOf(view) + by + sides.length) % sides.length]!;
}
