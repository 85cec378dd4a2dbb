import { format } from 'date-fns/format';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import type { GroupFile } from '@open-palm/contract';
import { unitedMarks, type RowMark } from '@open-palm/core/row';
import { walkIdOf } from '@open-palm/records/row';
import { studioNow } from '../../foundation/api/clock';
import { useWalkMarks } from '../../foundation/api/queries';
import { sync } from '../../foundation/api/sync';
import type { Player } from './room';

type Distribute<T> = T extends unknown ? Omit<T, 'id' | 'at' | 'studentId' | 'setupId'> : never;

/** What is said of a player, without when and by whom. */
export type Said = Distribute<RowMark>;

/** Something said of somebody. */
export interface SaidOf {
  player: Pick<Player, 'studentId' | 'setup'>;
  said: Said;
}

const NONE: readonly RowMark[] = [];

/** So many ms of a walk are sent in one request; whoever walks is not kept waiting by it after every tap. */
const WITHIN_MS = 20_000;

/**
 * Today's walk of a group: its marks, from this device and every other, and the way to say something. Every word is safe on this device at
 * once, and goes to the studio with all the others: every now and then, and when the walk is left.
 */
export function useWalk({ group, newest }: GroupFile, fromMemory: boolean) {
  const [day] = useState(() => format(studioNow(), 'yyyy-MM-dd'));
  const id = walkIdOf(group.id, day);
  const known = useWalkMarks(id, newest?.id === id ? newest.marks : NONE);
  // Shown in the same moment: the device's own store answers a little later.
  const [said, setSaid] = useState<readonly RowMark[]>(NONE);
  const marks = useMemo(() => unitedMarks(known, said), [known, said]);
  const allSaid = useRef<readonly RowMark[]>(NONE);
  const say = useCallback(
    (...all: readonly SaidOf[]): RowMark[] => {
      // A walk in which nothing was said is none.
      if (all.length === 0) return [];
      const at = studioNow().toISOString();
      const fresh = all.map(
        ({ player, said: what }) =>
          ({
            id: uuidv7(),
            at,
            studentId: player.studentId,
            setupId: player.setup.id,
            ...what,
          }) as RowMark,
      );
      // Two taps within one frame must find each other.
      allSaid.current = [...allSaid.current, ...fresh];
      setSaid(allSaid.current);
      const body = {
        groupId: group.id,
        day,
        fromMemory,
        marks: unitedMarks(known, allSaid.current),
      };
      void sync
        .write({ kind: 'walk', id, studentName: group.name, body, withinMs: WITHIN_MS })
        .catch(() => undefined);
      return fresh;
    },
    [group.id, group.name, id, day, fromMemory, known],
  );
  useEffect(() => () => void sync.hurry().catch(() => undefined), []);
  return { id, day, marks, say };
}
