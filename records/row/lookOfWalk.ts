import type { CheckInput, Grip, Setup, Student, WalkedPlayer } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { faultsSeen, playerSeen, type RowMark } from '@open-palm/core/row';
import { findHold } from '../holds';
import { gripFacts, gripOf } from '../grip';

/** What a player is judged by in the row: the grip as it is known now, and the hold as it is meant for them. */
export interface PlayerGrip {
  grip: Grip;
  hold: Hold;
}

/** How a student grips the bow that they play in the group. */
export function playerGrip(
  student: Pick<Student, 'middleFingerMm' | 'bands'>,
  setup: Setup,
  ownHolds: readonly Hold[],
): PlayerGrip {
  const hold = findHold(setup.holdId, ownHolds);
  // In passing nothing is measured: gaps are judged by eye.
  const grip = gripOf(student, setup, hold, null);
  return { grip, hold: gripFacts(grip, hold, null).hold };
}

/** What a walk saw of one player, and the look that it becomes: none where nobody looked. */
export interface WalkedLook {
  seen: Omit<WalkedPlayer, 'checkId'>;
  look: CheckInput | null;
}

/**
 * What the marks of one player come to.
 *
 * @param marks of this player, in the order in which they were made; at least one
 */
export function lookOfWalk(marks: readonly RowMark[], { grip, hold }: PlayerGrip): WalkedLook {
  const { studentId, setupId } = marks.at(-1)!;
  const player = playerSeen(marks, hold);
  const { isAbsent, isLookedAt, taps, signs, at } = player;
  const isSeen = isLookedAt && at !== null;
  return {
    seen: {
      studentId,
      isAbsent,
      faults: Object.fromEntries(faultsSeen(player, hold)),
      at: isSeen ? at : null,
    },
    look: isSeen
      ? {
          studentId,
          setupId,
          takenAt: new Date(at).toISOString(),
          context: 'row',
          grip,
          captures: [],
          taps,
          signs,
          readiness: [],
        }
      : null,
  };
}
