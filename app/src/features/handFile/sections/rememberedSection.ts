import { useSyncExternalStore } from 'react';

/** What a hand file tells beside its first screen. */
export const SECTIONS = ['now', 'weeks', 'agreed', 'looks'] as const;
export type Section = (typeof SECTIONS)[number];

const KEY = 'open-palm.hand-file.section';
const listeners = new Set<() => void>();
let chosen: Section | null = null;

function chosenSection(): Section {
  if (chosen === null) {
    let kept: string | null = null;
    try {
      kept = localStorage.getItem(KEY);
    } catch {
      // Without storage each page begins with what stands now.
    }
    chosen = SECTIONS.find((section) => section === kept) ?? 'now';
  }
  return chosen;
}

/** The section that is open on this device, for every student, and how to open another. */
export function useSection(): [Section, (section: Section) => void] {
  const section = useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, chosenSection);
  const open = (next: Section) => {
    chosen = next;
    try {
      localStorage.setItem(KEY, next);
    } catch {
      // It holds until the page is left.
    }
    listeners.forEach((listener) => listener());
  };
  return [section, open];
}
