import type { Walked } from '@open-palm/contract';
import {
  ROW_NUMBERS,
  shareChange,
  signsOn,
  type FaultCount,
  type ShareChange,
} from '@open-palm/core/row';
import { playersHere, type Player } from './room';

/** A fault in two walks: how many showed it of how many looked at, and whether that is a real change. */
export interface GroupChange {
  fault: string;
  before: Pick<FaultCount, 'seen'> & { shown: number };
  after: Pick<FaultCount, 'seen'> & { shown: number };
  change: ShareChange;
}

/** What a group has changed between two of its walks, what really changed first. */
export interface GroupChanges {
  from: Walked;
  to: Walked;
  changes: GroupChange[];
}

/**
 * The first walk that says something of the room against the last one that does.
 *
 * @param walks the newest first
 * @returns null with fewer than two such walks
 */
export function groupChanges(
  walks: readonly Walked[],
  players: readonly Player[],
): GroupChanges | null {
  const telling = walks.filter(
    ({ players: seen }) =>
      seen.filter(({ at }) => at !== null).length >= ROW_NUMBERS.tellsFromSeen * players.length,
  );
  const [to, from] = [telling[0], telling.at(-1)];
  if (!to || !from || to === from) return null;
  const [before, after] = [countsOf(from, players), countsOf(to, players)];
  const faults = [...new Set([...before.shown.keys(), ...after.shown.keys()])];
  // Many faults are compared at once: one of them would seem to have changed by chance (Bonferroni).
  const confidence = 1 - (1 - ROW_NUMBERS.confidence) / Math.max(1, faults.length);
  const changes = faults.flatMap((fault): GroupChange[] => {
    const room = players.filter(({ hold }) => signsOn(fault, hold).length > 0).length;
    const [one, other] = [before.of(fault), after.of(fault)];
    if (one.seen === 0 || other.seen === 0) return [];
    return [
      {
        fault,
        before: one,
        after: other,
        change: shareChange({ ...one, room }, { ...other, room }, ROW_NUMBERS.eye, confidence),
      },
    ];
  });
  return {
    from,
    to,
    changes: changes.sort(
      (a, b) =>
        Number(b.change.isReal) - Number(a.change.isReal) ||
        Math.abs(b.change.by) - Math.abs(a.change.by),
    ),
  };
}

function countsOf(walk: Walked, players: readonly Player[]) {
  const seen = new Map(
    walk.players.map(({ studentId, faults }) => [
      studentId,
      { faults: new Map(Object.entries(faults)) },
    ]),
  );
  const here = playersHere(players, seen);
  const counts = new Map<string, { shown: number; seen: number }>();
  for (const { hold, faults } of here) {
    for (const [fault, isShown] of faults) {
      if (signsOn(fault, hold).length === 0) continue;
      const count = counts.get(fault) ?? { shown: 0, seen: 0 };
      counts.set(fault, { shown: count.shown + (isShown ? 1 : 0), seen: count.seen + 1 });
    }
  }
  const shown = new Map([...counts].filter(([, count]) => count.shown > 0));
  return { shown, of: (fault: string) => counts.get(fault) ?? { shown: 0, seen: 0 } };
}
