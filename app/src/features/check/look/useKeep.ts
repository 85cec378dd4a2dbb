import { router } from 'expo-router';
import { useState } from 'react';
import { outbox, type Unsent } from '../../../api/outbox';
import { sendUnsent } from '../../../api/useOutbox';

/** Keeps a look: first on this device, then with the studio; either way the student's file comes next. */
export function useKeep() {
  const [saving, setSaving] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const keep = async (unsent: Unsent, fileOf: string, onKept?: () => Promise<void>) => {
    setSaving(true);
    setFailure(null);
    try {
      await outbox.add(unsent);
      // Only now that it is safe in the outbox.
      await onKept?.();
      await sendUnsent();
      const waits = outbox.contents().some(({ id }) => id === unsent.id);
      router.dismissTo(waits ? '/' : (fileOf as '/'));
    } catch (error) {
      setSaving(false);
      setFailure(error instanceof Error ? error.message : String(error));
    }
  };
  return {
    saving,
    failure,
    keep: (unsent: Unsent, fileOf: string, onKept?: () => Promise<void>) =>
      void keep(unsent, fileOf, onKept),
  };
}
