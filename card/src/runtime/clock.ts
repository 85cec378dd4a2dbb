/** What a turn's clock shows. */
export interface ClockFace {
  /** Seconds that are left. */
  left: number;
  /** Whether the bow is held now; false in a rest between two goes. */
  isHolding: boolean;
}

/**
 * A turn's clock after so many seconds. What loads the little finger fully is held for a short go at a time, with a rest as long after each.
 *
 * @param goSeconds null where it goes on all the time
 */
export function clockFace(totalS: number, doneS: number, goSeconds: number | null): ClockFace {
  const left = Math.max(0, totalS - doneS);
  const isHolding = goSeconds === null || Math.floor(doneS / goSeconds) % 2 === 0;
  return { left: Math.ceil(left), isHolding };
}

/** Seconds as 1:05. */
export const minutesWords = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
