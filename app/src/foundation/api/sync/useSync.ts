import { useEffect, useSyncExternalStore } from 'react';
import { isReachable, onReach } from '../reach';
import { refreshAll, refreshGroups, refreshReport, refreshStudents } from '../refresh';
import { keyOf, studentsOf, type Entry, type Kind } from './entry';
import { sync } from './index';

/** What this device holds: what waits to be sent, and what waits for a person. */
export const useEntries = (): readonly Entry[] =>
  useSyncExternalStore(sync.subscribe, sync.contents);

/** What was made for another studio that stood at this address. */
export const useElsewhere = (): readonly Entry[] =>
  useSyncExternalStore(sync.subscribe, sync.elsewhere);

/** What arrived since the page was opened. */
export const useArrived = () => useSyncExternalStore(sync.subscribe, sync.arrived);

/** Keeps everything moving: at the start, when the network or the studio is back, and by the engine's own clock. */
export function useKeepSending(): void {
  useEffect(() => {
    const stopLoading = loadAnewWhatArrived();
    // What waited long while the studio was away is due when the app opens, and when the studio answers again. A browser that keeps
    // nothing has nothing to send.
    const onBack = () => void sync.hurry().catch(() => undefined);
    onBack();
    const stopReach = onReach(() => isReachable() && onBack());
    window.addEventListener('online', onBack);
    return () => {
      window.removeEventListener('online', onBack);
      stopReach();
      stopLoading();
    };
  }, []);
}

/** Lets screens load anew what something arrived of. */
function loadAnewWhatArrived(): () => void {
  let known = sync.arrived();
  return sync.subscribe(() => {
    const fresh = sync.arrived().filter((one) => !known.includes(one));
    known = sync.arrived();
    for (const one of fresh) {
      // A group that was edited changes nothing in the files of its players.
      if (one.kind !== 'group') void refreshStudents(studentsOf(one));
      if (one.kind === 'letter') void refreshReport(one.id);
      if (one.kind === 'group' || one.kind === 'walk') void refreshGroups();
      // An own hold stands in many answers.
      if (one.kind === 'hold') void refreshAll();
    }
  });
}

/** How an entry stands after it was written and sent once. */
export type Kept = 'arrived' | 'waits' | Entry;

/**
 * What became of something that was just written.
 *
 * @returns the entry itself where it waits for a person: the studio refused it, or somebody else changed the same
 */
export function keptOf(kind: Kind, id: string): Kept {
  const entry = sync.contents().find((one) => keyOf(one) === keyOf({ kind, id }));
  if (!entry) return 'arrived';
  return entry.stop || entry.conflict ? entry : 'waits';
}
