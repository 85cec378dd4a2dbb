import { router } from 'expo-router';
import { useState } from 'react';
import { sync } from '../../../foundation/api/sync';
import type { NewEntry } from '../../../foundation/api/sync/entry';
import { keptOf } from '../../../foundation/api/sync/useSync';

/** Keeps a look: first on this device, then with the studio; either way the student's file comes next. */
export function useKeep() {
  const [saving, setSaving] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const keep = async (unsent: NewEntry, fileOf: string, onKept?: () => Promise<void>) => {
    setSaving(true);
    setFailure(null);
    try {
      await sync.write(unsent);
      // Only now that it is safe in the outbox.
      await onKept?.();
      await sync.send();
      const isThere = keptOf(unsent.kind, unsent.id) === 'arrived';
      router.dismissTo(isThere ? (fileOf as '/') : '/');
    } catch (error) {
      setSaving(false);
      setFailure(error instanceof Error ? error.message : String(error));
    }
  };
  return {
    saving,
    failure,
    keep: (unsent: NewEntry, fileOf: string, onKept?: () => Promise<void>) =>
      void keep(unsent, fileOf, onKept),
  };
}
