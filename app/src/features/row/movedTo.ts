import type { GroupInput } from '@open-palm/contract';
import type { Seat } from '@open-palm/core/row/seats';

type Members = GroupInput['members'];

/** A player moved to a seat; whoever sits there takes theirs. */
export function movedTo(members: Members, studentId: string, seat: Seat): Members {
  const moved = members[studentId];
  if (!moved) return members;
  const there = Object.entries(members).find(
    ([id, other]) =>
      id !== studentId && other.seat?.row === seat.row && other.seat.place === seat.place,
  );
  return {
    ...members,
    ...(there ? { [there[0]]: { ...there[1], seat: moved.seat } } : {}),
    [studentId]: { ...moved, seat },
  };
}
