/** Where somebody sits: the row, from the front, and the place in it, from the left as the teacher sees the room; both from 0. */
export interface Seat {
  row: number;
  place: number;
}

/** How the seats of a room stand: straight rows, bows around the teacher, or wherever they are. */
export const LAYOUTS = ['rows', 'arc', 'free'] as const;
export type Layout = (typeof LAYOUTS)[number];

/** Somebody with a seat, or without one yet. */
export interface Seated {
  studentId: string;
  seat: Seat | null;
}

/**
 * The order in which a room is walked: the front row from left to right, the next one back again, so that no way is walked twice. Whoever
 * has no seat comes last.
 */
export function walkingOrder<P extends Seated>(players: readonly P[]): P[] {
  return [...players].sort((a, b) => {
    if (!a.seat || !b.seat) return Number(a.seat === null) - Number(b.seat === null);
    if (a.seat.row !== b.seat.row) return a.seat.row - b.seat.row;
    const along = a.seat.place - b.seat.place;
    return a.seat.row % 2 === 0 ? along : -along;
  });
}

/**
 * The order in which a walk goes on: those whom the walk before did not come to first, so that everybody is looked at in turn.
 *
 * @param players in walking order
 * @param lookedAt who was looked at in the walk before
 */
export function resumedOrder<P extends Seated>(
  players: readonly P[],
  lookedAt: ReadonlySet<string>,
): P[] {
  const missed = players.filter(({ studentId }) => !lookedAt.has(studentId));
  if (missed.length === 0 || missed.length === players.length) return [...players];
  return [...missed, ...players.filter(({ studentId }) => lookedAt.has(studentId))];
}

/** Seats on which more than one sits, each once, in the order of the room. */
export function seatsTakenTwice(players: readonly Seated[]): Seat[] {
  const counts = new Map<string, { seat: Seat; count: number }>();
  for (const { seat } of players) {
    if (!seat) continue;
    const key = `${seat.row} ${seat.place}`;
    counts.set(key, { seat, count: (counts.get(key)?.count ?? 0) + 1 });
  }
  return [...counts.values()]
    .filter(({ count }) => count > 1)
    .map(({ seat }) => seat)
    .sort((a, b) => a.row - b.row || a.place - b.place);
}

/**
 * Members with nobody on a seat that is taken: of two, whoever sat there before keeps it, and the other has none.
 *
 * @param members by student
 * @param before how they sat
 */
export function seatedOnce<M extends { seat: Seat | null }>(
  members: Readonly<Record<string, M>>,
  before: Readonly<Record<string, M>>,
): Record<string, M> {
  const keyOf = (seat: Seat) => `${seat.row} ${seat.place}`;
  const takenBy = new Map<string, string>();
  for (const [id, { seat }] of Object.entries(members)) {
    const sat = before[id]?.seat;
    const stays = seat && sat && keyOf(seat) === keyOf(sat);
    if (seat && (stays || !takenBy.has(keyOf(seat)))) takenBy.set(keyOf(seat), id);
  }
  return Object.fromEntries(
    Object.entries(members).map(([id, one]) => [
      id,
      one.seat && takenBy.get(keyOf(one.seat)) !== id ? { ...one, seat: null } : one,
    ]),
  );
}

/** How far two seats are from each other, in seats; those without one are far from everybody. */
export function seatsApart(a: Seat | null, b: Seat | null): number {
  return a && b ? Math.hypot(a.row - b.row, a.place - b.place) : Infinity;
}

/** The seats of a room for so many, filled from the front: as square as rows of at most eight allow. */
export function freeSeats(count: number, taken: readonly Seat[] = []): Seat[] {
  const all = count + taken.length;
  const perRow = Math.min(MOST_IN_A_ROW, Math.max(4, Math.ceil(Math.sqrt(all * 2))));
  const isTaken = (row: number, place: number) =>
    taken.some((seat) => seat.row === row && seat.place === place);
  const seats: Seat[] = [];
  for (let row = 0; seats.length < count; row++) {
    for (let place = 0; place < perRow && seats.length < count; place++) {
      if (!isTaken(row, place)) seats.push({ row, place });
    }
  }
  return seats;
}

const MOST_IN_A_ROW = 8;
