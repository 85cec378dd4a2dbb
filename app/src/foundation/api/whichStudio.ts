import { noteRenewed } from './builds';
import { forgetRememberedAnswers } from './rememberedAnswers';

const KEY = 'open-palm.studio';

const listeners = new Set<() => void>();
let known: string | null | undefined;

/** The studio that answers at this address, as far as this device knows; null before any has. */
export function currentStudio(): string | null {
  if (known === undefined) known = stored();
  return known;
}

/** Calls back when another studio answers at this address. */
export function onOtherStudio(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * Notes which studio has answered. Where it is another than before, the answers that this device remembers are of that other one and are forgotten,
 * and the page, which still shows them, is to be loaded anew.
 */
export function noteStudio(id: string | null): void {
  const before = currentStudio();
  if (id === null || id === before) return;
  known = id;
  try {
    localStorage.setItem(KEY, id);
  } catch {
    // A browser without storage asks anew every time.
  }
  if (before === null) return;
  forgetRememberedAnswers();
  listeners.forEach((listener) => listener());
  noteRenewed('otherStudio');
}

/** Whether something that was made for a studio belongs to the one that answers here; what was made before any had answered does. */
export const isOfThisStudio = (studio: string | null | undefined): boolean =>
  studio == null || currentStudio() === null || studio === currentStudio();

function stored(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}
