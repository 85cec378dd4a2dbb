/// <reference path="../edmonds-blossom.d.ts" />
import blossom from 'edmonds-blossom';
import type { BowKind, Instrument } from '../holds';
import type { FaultsSeen } from './marks';
import { ROW_FAULTS, ROW_NUMBERS } from './rowData';
import { seatsApart, type Seat } from './seats';

/** A player who can be put together with others. */
export interface PlayerBeside {
  studentId: string;
  seat: Seat | null;
  instrument: Instrument;
  bow: BowKind;
  faults: FaultsSeen;
}

/** Three with the same fault: they are helped at once. */
export interface Three {
  fault: string;
  students: [string, string, string];
}

/**
 * Groups of three with the same fault, of those who sit nearest to each other; nobody is in two.
 *
 * @param shared faults that the whole room works on already
 */
export function threesOf(players: readonly PlayerBeside[], shared: readonly string[]): Three[] {
  const free = new Map(players.map((player) => [player.studentId, player]));
  const threes: Three[] = [];
  for (const { id: fault } of ROW_FAULTS) {
    if (shared.includes(fault)) continue;
    for (;;) {
      const able = [...free.values()].filter(({ faults }) => faults.get(fault) === true);
      const nearest = nearestThree(able);
      if (!nearest) break;
      threes.push({ fault, students: nearest });
      for (const id of nearest) free.delete(id);
    }
  }
  return threes;
}

function nearestThree(players: readonly PlayerBeside[]): [string, string, string] | null {
  let nearest: { students: [string, string, string]; apart: number } | null = null;
  for (const [i, a] of players.entries()) {
    for (const [j, b] of players.slice(i + 1).entries()) {
      for (const c of players.slice(i + 2 + j)) {
        const apart = farness(a, b) + farness(b, c) + farness(a, c);
        if (nearest === null || apart < nearest.apart) {
          nearest = { students: [a.studentId, b.studentId, c.studentId], apart };
        }
      }
    }
  }
  return nearest?.students ?? null;
}

/** Somebody without a seat can stand anywhere, which is farther than the next chair. */
const farness = (a: PlayerBeside, b: PlayerBeside): number =>
  Math.min(seatsApart(a.seat, b.seat), ROW_NUMBERS.pairing.farthestSeats);

/** What makes two players a worse pair, in seats: how far they sit apart, another bow, another instrument, another thing to look for. */
export function pairCost(a: PlayerBeside, b: PlayerBeside): number {
  const { otherBow, otherInstrument, otherFault } = ROW_NUMBERS.pairing;
  const alike = ROW_FAULTS.some(({ id }) => a.faults.get(id) === true && b.faults.get(id) === true);
  const none = !shows(a) && !shows(b);
  return (
    farness(a, b) +
    (a.bow === b.bow ? 0 : otherBow) +
    (a.instrument === b.instrument ? 0 : otherInstrument) +
    (alike || none ? 0 : otherFault)
  );
}

const shows = ({ faults }: PlayerBeside): boolean => [...faults.values()].includes(true);

/**
 * Partner pairs: as many as there can be, and of all ways to make so many the one in which neighbours with the same bow and the same thing
 * to look for are together (a matching of least cost; Edmonds 1965). Of an odd number one is left, who watches with the pair beside.
 *
 * @returns pairs in the order of their first member
 */
export function partnerPairs(players: readonly PlayerBeside[]): [string, string][] {
  const edges = players.flatMap((a, i) =>
    players.slice(i + 1).map((b, j): [number, number, number] => {
      // The package takes the heaviest: the cost is taken from more than any pair can cost, in whole numbers, which it needs to be exact.
      return [i, i + 1 + j, Math.round((MORE_THAN_ANY - pairCost(a, b)) * EXACT)];
    }),
  );
  if (edges.length === 0) return [];
  return blossom(edges, true).flatMap((mate, i): [string, string][] =>
    mate > i ? [[players[i]!.studentId, players[mate]!.studentId]] : [],
  );
}

const MORE_THAN_ANY = 100;
/** Costs are told apart to a hundredth of a seat. */
const EXACT = 100;
