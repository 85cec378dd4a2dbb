import { useFocusEffect } from 'expo-router';
import { useCallback, useEffect, useRef } from 'react';
import { remembered } from './remembered';
import { useWide } from './useWide';

/** Whether single letters act on this device: whoever speaks to it, or whose hands shake, can turn them off (WCAG 2.1.4). */
export const letterKeys = remembered('open-palm.letter-keys', ['on', 'off'], 'on');

/** Whether there are keys to press: a wide screen, and a pointer that hovers, as no finger does. */
export const useHasKeys = (): boolean => {
  const wide = useWide();
  return wide && window.matchMedia('(hover: hover)').matches;
};

/**
 * Letters and digits that lead somewhere while a screen is in front, where there are keys. They never write anything
 * down: what is pressed by mistake is only seen. Not while something is typed, and not with Ctrl, Alt or the like.
 */
export function useLetterKeys(keys: Readonly<Record<string, () => void>>): void {
  const [isOn] = letterKeys.use();
  const hasKeys = useHasKeys();
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useFocusEffect(
    useCallback(() => {
      if (isOn === 'off' || !hasKeys) return;
      const onKeyDown = (event: KeyboardEvent) => {
        if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
        if (isTyped(event.target)) return;
        const act = latest.current[event.key.toLowerCase()];
        if (!act) return;
        event.preventDefault();
        act();
      };
      window.addEventListener('keydown', onKeyDown);
      return () => window.removeEventListener('keydown', onKeyDown);
    }, [isOn, hasKeys]),
  );
}

/** Whether a key goes into a field, or to a question that lies over the screen. */
const isTyped = (target: EventTarget | null): boolean =>
  target instanceof Element &&
  target.closest('input, textarea, select, [contenteditable="true"], [role="dialog"]') !== null;
