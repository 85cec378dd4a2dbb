import { useMemo, useState } from 'react';
import { strings } from '../../foundation/strings';
import { measureName, tapWords } from '../../foundation/strings/measureWords';
import { rowWords } from '../../foundation/strings/row';
import { faultWords } from './faultWords';
import { standingsIn, type Player } from './room';
import type { GroupRoom } from './useRoom';
import { useWalk, type Said, type SaidOf } from './useWalk';
import { firstOpen, isIn, walkOrder, type Part } from './walkOrder';

export type Way = 'seat' | 'fault';

/** What was said last: it can be taken back. */
export interface LastSaid {
  player: Player;
  what: string;
  /** It was said of several at once. */
  ofMany: boolean;
  marks: string[];
}

/** How a walk goes: who is passed in which order, which way, what was said, and what was said last. */
export function useWalkCourse({ file, players }: GroupRoom) {
  const [fromMemory, setFromMemory] = useState(false);
  const { day, marks, say } = useWalk(file, fromMemory);
  const [way, setWay] = useState<Way>('seat');
  const [fault, setFault] = useState<string | null>(null);
  const [part, setPart] = useState<Part | null>(null);
  const standings = useMemo(() => standingsIn(players, marks), [players, marks]);
  // Who comes first stays so while the walk goes on, whatever arrives meanwhile.
  const [ids] = useState(() =>
    walkOrder(players, file.walks, day).map(({ studentId }) => studentId),
  );
  const order = useMemo(() => {
    const place = new Map(ids.map((id, i) => [id, i]));
    return players
      .filter((player) => isIn(part, player))
      .sort((a, b) => (place.get(a.studentId) ?? Infinity) - (place.get(b.studentId) ?? Infinity));
  }, [players, ids, part]);
  // Until somebody moves on, the walk stands where it was left: what this device holds is read a moment after the screen is there.
  const [chosenAt, setAt] = useState<number | null>(null);
  const at = chosenAt ?? firstOpen(order, standings);
  const [last, setLast] = useState<LastSaid | null>(null);
  const playerOf = (id: string | undefined) => players.find(({ studentId }) => studentId === id);

  const speak = (...all: readonly SaidOf[]) => {
    // Whoever speaks stays where they are: only a step goes on.
    setAt(at);
    const fresh = say(...all);
    const [first] = all;
    const player = playerOf(first?.player.studentId);
    if (!first || !player || first.said.kind === 'undone') return setLast(null);
    const what =
      first.said.kind === 'without' ? rowWords.walk.sawEveryone(all.length) : saidWords(first.said);
    const ofMany = new Set(all.map((one) => one.player.studentId)).size > 1;
    setLast({ player, what, ofMany, marks: fresh.map(({ id }) => id) });
  };
  const takeBack = () => {
    if (!last) return;
    const all = last.marks.flatMap((id): SaidOf[] => {
      const player = playerOf(marks.find((one) => one.id === id)?.studentId);
      return player ? [{ player, said: { kind: 'undone', mark: id } }] : [];
    });
    say(...all);
    setLast(null);
    if (way === 'seat') setAt(order.indexOf(last.player));
  };
  return {
    ...{ marks, standings, order, last, speak, takeBack },
    ...{ way, setWay, fault, setFault, fromMemory, setFromMemory },
    part,
    setPart: (next: Part | null) => {
      setPart(next);
      setAt(null);
    },
    at,
    goTo: (next: number) => setAt(Math.min(order.length, Math.max(0, next))),
  };
}

export type WalkCourse = ReturnType<typeof useWalkCourse>;

/** What was said, in words. */
function saidWords(said: Exclude<Said, { kind: 'without' }>): string {
  switch (said.kind) {
    case 'fine':
      return rowWords.group.legend.in;
    case 'absent':
      return rowWords.group.absent;
    case 'sign':
      return strings.signs[said.sign] ?? faultWords(said.sign);
    case 'tap':
      return `${measureName(said.tap.measure)}, ${tapWords(said.tap)}`;
    case 'undone':
      return rowWords.walk.undone;
  }
}
