import type { GroupFile, Walked } from '@open-palm/contract';
import { unitedMarks } from '@open-palm/core/row';
import { lookIdOf } from '@open-palm/records/row';
import type { Player } from './room';
import { standingsIn } from './room';
import type { WalkHere } from './useEntriesOfWalks';

/**
 * The walks of a group with those that wait on this device, the newest first. What the studio has judged stays as it was judged; what is
 * newer here is judged here.
 */
export function walksWithMarks(
  { walks, newest }: Pick<GroupFile, 'walks' | 'newest'>,
  players: readonly Player[],
  here: readonly WalkHere[],
): Walked[] {
  const ids = [...new Set(here.map(({ id }) => id))];
  const fresh = ids.map((id): Walked => {
    const own = here.filter((walk) => walk.id === id);
    const kept = newest?.id === id ? newest.marks : [];
    const marks = unitedMarks(kept, ...own.map((walk) => walk.marks));
    const standings = standingsIn(players, marks);
    const [{ day, fromMemory }] = own as [WalkHere];
    const known = walks.find((walk) => walk.id === id)?.players ?? [];
    const seen = players.flatMap(({ studentId }) => {
      const said = marks.filter((mark) => mark.studentId === studentId);
      if (said.length === 0) return [];
      const { isAbsent, isLookedAt, faults } = standings.get(studentId)!;
      return [
        {
          studentId,
          isAbsent,
          faults: Object.fromEntries(faults),
          at: isLookedAt ? said.at(-1)!.at : null,
          checkId: isLookedAt ? lookIdOf({ id, day }, studentId) : null,
        },
      ];
    });
    const others = known.filter(
      ({ studentId }) => !seen.some((player) => player.studentId === studentId),
    );
    return { id, day, fromMemory, players: [...seen, ...others] };
  });
  return [...fresh, ...walks.filter(({ id }) => !ids.includes(id))].sort((a, b) =>
    a.day < b.day ? 1 : a.day > b.day ? -1 : 0,
  );
}
