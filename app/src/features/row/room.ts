import type { GroupFile, KeptGroup, Setup, StudentListItem } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import {
  faultsSeen,
  playerSeen,
  standingMarks,
  walkingOrder,
  type FaultsSeen,
  type PlayerHere,
  type RowMark,
  type Seat,
} from '@open-palm/core/row';
import { playerGrip } from '@open-palm/records/row';

/** A player of a group, as they play there. */
export interface Player {
  studentId: string;
  name: string;
  item: StudentListItem;
  setup: Setup;
  /** As it is meant for the player. */
  hold: Hold;
  seat: Seat | null;
  /** Said that something hurts, and it is not over. */
  hurts: boolean;
}

/** Who plays in a group, in the order in which it is walked; and who cannot be looked at, because what they play here is gone. */
export interface Room {
  players: Player[];
  strangers: StudentListItem[];
}

/** Brings a group together with the students that it names. Those who are not in the studio any more are left out. */
export function roomOf(
  { members }: Pick<KeptGroup, 'members'>,
  students: readonly StudentListItem[],
  ownHolds: readonly Hold[],
): Room {
  const strangers: StudentListItem[] = [];
  // Whoever grips alike shares a hold: what is known of it is worked out once.
  const holds = new Map<string, Hold>();
  const players = students.flatMap((item): Player[] => {
    const { student, open } = item;
    const member = members[student.id];
    if (!member) return [];
    const setup = student.setups.find(({ id }) => id === member.setupId);
    if (!setup) {
      strangers.push(item);
      return [];
    }
    const { grip, hold } = playerGrip(student, setup, ownHolds);
    const alike = JSON.stringify(grip);
    holds.set(alike, holds.get(alike) ?? hold);
    return [
      {
        studentId: student.id,
        name: student.name,
        item,
        setup,
        hold: holds.get(alike)!,
        seat: member.seat,
        hurts: open.some(({ kind }) => kind === 'hurt'),
      },
    ];
  });
  return { players: walkingOrder(players), strangers };
}

/** How a player stands in one walk. */
export interface Standing {
  isAbsent: boolean;
  isLookedAt: boolean;
  faults: FaultsSeen;
}

const NOBODY_LOOKED: Standing = { isAbsent: false, isLookedAt: false, faults: new Map() };

/** How everybody stands in a walk by its marks; who has none was not looked at. */
export function standingsIn(
  players: readonly Pick<Player, 'studentId' | 'hold'>[],
  marks: readonly RowMark[],
): ReadonlyMap<string, Standing> {
  const own = new Map<string, RowMark[]>();
  for (const mark of marks) own.set(mark.studentId, [...(own.get(mark.studentId) ?? []), mark]);
  return new Map(
    players.map(({ studentId, hold }) => {
      const said = own.get(studentId);
      return [studentId, said ? standingOf(said, hold) : NOBODY_LOOKED];
    }),
  );
}

/** What is said alike of a hold comes to the same: it is worked out once, not at every tap for every player. */
const KNOWN = new WeakMap<Hold, Map<string, Standing>>();

/** How one player stands by their marks. */
export function standingOf(marks: readonly RowMark[], hold: Hold): Standing {
  const known = KNOWN.get(hold) ?? new Map<string, Standing>();
  KNOWN.set(hold, known);
  const key = JSON.stringify(standingMarks(marks).map(saidOf));
  const standing = known.get(key) ?? workedOut(marks, hold);
  known.set(key, standing);
  return standing;
}

/** A mark without of whom, when and by which name it was made. */
const saidOf = ({ id: _, at: __, studentId: ___, setupId: ____, ...said }: RowMark) => said;

function workedOut(marks: readonly RowMark[], hold: Hold): Standing {
  const seen = playerSeen(marks, hold);
  const { isAbsent, isLookedAt } = seen;
  return { isAbsent, isLookedAt, faults: isLookedAt ? faultsSeen(seen, hold) : new Map() };
}

/** How each player was last seen within some weeks, and when. */
export interface LastSeen {
  faults: FaultsSeen;
  /** ISO; null where nobody looked in all that time. */
  at: string | null;
}

const DAY_MS = 24 * 3600 * 1000;

/**
 * How each player was last seen in the walks of some days. A walk may cover one stand only: so each counts by the newest that came to them.
 *
 * @param walks the newest first
 * @param since the earliest moment that counts, ms since 1970
 */
export function lastSeenIn(
  players: readonly Pick<Player, 'studentId'>[],
  walks: GroupFile['walks'],
  since: number,
): ReadonlyMap<string, LastSeen> {
  return new Map(
    players.map(({ studentId }): [string, LastSeen] => {
      const seen = walks
        .flatMap((walk) => walk.players.find((player) => player.studentId === studentId) ?? [])
        .find(({ at }) => at !== null && Date.parse(at) >= since);
      return [
        studentId,
        seen
          ? { faults: new Map(Object.entries(seen.faults)), at: seen.at }
          : { faults: new Map(), at: null },
      ];
    }),
  );
}

/** Days since a player's hold was last looked at, in the row or alone; null where it never was. */
export function unseenDaysOf(
  { item }: Pick<Player, 'item'>,
  walks: GroupFile['walks'],
  now: Date,
): number | null {
  const inRow = walks.flatMap(
    ({ players }) => players.find(({ studentId }) => studentId === item.student.id)?.at ?? [],
  );
  const newest = [...inRow, item.lastCheckAt ?? []].flat().map((at) => Date.parse(at));
  if (newest.length === 0) return null;
  return Math.max(0, Math.floor((now.getTime() - Math.max(...newest)) / DAY_MS));
}

/** Players as what a room shares is counted. */
export const playersHere = (
  players: readonly Player[],
  seen: ReadonlyMap<string, Pick<Standing, 'faults'>>,
): PlayerHere[] =>
  players.map(({ studentId, hold }) => ({
    studentId,
    hold,
    faults: seen.get(studentId)?.faults ?? new Map(),
  }));
