import { useSyncExternalStore } from 'react';

/** Which build of the app this page is; it stands in the page that the studio served. */
export const APP_BUILD: string =
  (typeof document !== 'undefined' &&
    document.querySelector?.('meta[name="open-palm-build"]')?.getAttribute('content')) ||
  'unbuilt';

let isNewer = false;
const listeners = new Set<() => void>();

/** Compares the build that answers with this page's: another one means that this page is to be loaded anew. */
export function noteStudioBuild(build: string | null): void {
  if (build === null || build === APP_BUILD || isNewer) return;
  noteRenewed();
}

/** A part of the program is gone that this page still asks for, or the studio says that it was renewed. */
export function noteRenewed(): void {
  isNewer = true;
  listeners.forEach((listener) => listener());
}

/** Whether the studio has a newer app than this page. */
export const useIsNewer = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => isNewer,
  );
