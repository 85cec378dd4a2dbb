import { useMemo } from 'react';
import { remembered } from '../../foundation/kit/remembered';
import { rowWords } from '../../foundation/strings/row';
import type { Player } from './room';
import { firstName } from './SeatCell';

const choice = remembered('row-names', ['shown', 'hidden'], 'shown');

/** Names as they are shown: first names, with another letter where two are the same; or seats by number, where somebody else can see the screen. */
export function useHiddenNames(players: readonly Player[]) {
  const [names, setNames] = choice.use();
  const isHidden = names === 'hidden';
  const firsts = useMemo(() => shownNames(players), [players]);
  const nameOf = (player: Pick<Player, 'studentId'>): string => {
    const n = players.findIndex(({ studentId }) => studentId === player.studentId) + 1;
    return isHidden ? rowWords.group.seatName(n) : (firsts.get(player.studentId) ?? '');
  };
  return { isHidden, hide: (hides: boolean) => setNames(hides ? 'hidden' : 'shown'), nameOf };
}

/** Names as short as tell players apart: the first, with the letter of the next, or whole. */
export function shownNames(
  players: readonly Pick<Player, 'studentId' | 'name'>[],
): ReadonlyMap<string, string> {
  const ways = players.map(({ name }) => {
    const first = firstName(name);
    const rest = name.trim().slice(first.length).trim();
    return [first, rest === '' ? first : `${first} ${rest.charAt(0)}.`, name.trim()];
  });
  const isAlone = (way: number, shown: string | undefined) =>
    ways.filter((names) => names[way] === shown).length === 1;
  return new Map(
    players.map(({ studentId, name }, i) => [
      studentId,
      ways[i]!.find((shown, way) => isAlone(way, shown)) ?? name,
    ]),
  );
}
