import type { Seat } from '@open-palm/core/row/seats';

/** How many rows and places a room has, by its players' seats. */
export function seatRows(
  players: readonly { seat: Seat | null }[],
  spare = 0,
): { rows: number; places: number } {
  const seats = players.flatMap(({ seat }) => seat ?? []);
  if (seats.length === 0 && spare === 0) return { rows: 0, places: 0 };
  const rows = Math.max(0, ...seats.map(({ row }) => row + 1));
  const places = Math.max(FEWEST_PLACES, ...seats.map(({ place }) => place + 1));
  return { rows: rows + spare, places: Math.max(places, Math.min(MOST_PLACES, places + spare)) };
}

const FEWEST_PLACES = 4;
/** More are not offered: they stand too close on a phone to be touched. */
const MOST_PLACES = 8;

/** How far the middle of a bow of seats lies behind its ends, px. */
const BOW_PX = 14;

/**
 * How far a seat of an arc comes forward, px: those at the ends are nearest to the teacher in the middle.
 *
 * @example seatRise(0, 5) // 14
 * @example seatRise(2, 5) // 0
 */
export function seatRise(place: number, places: number): number {
  if (places < 2) return 0;
  const fromMiddle = (2 * place) / (places - 1) - 1;
  return BOW_PX * fromMiddle * fromMiddle;
}
