import { useMemo } from 'react';
import type { GroupFile, WalkInput } from '@open-palm/contract';
import { useArrived, useEntries } from '../../foundation/api/sync/useSync';

/** A walk as this device knows it. */
export type WalkHere = WalkInput & { id: string };

/** Walks of a group that this device made or saw arrive: newer than what the studio answered last. */
export function useEntriesOfWalks({ group: { id: groupId } }: GroupFile): readonly WalkHere[] {
  const [entries, arrived] = [useEntries(), useArrived()];
  return useMemo(
    () =>
      [...entries, ...arrived].flatMap((one) =>
        one.kind === 'walk' && one.body.groupId === groupId ? [{ ...one.body, id: one.id }] : [],
      ),
    [entries, arrived, groupId],
  );
}
