import { useEffect, useState } from 'react';
import { crossingDrill } from '@open-palm/core/stroke';

/** A drill over all strings and back, on and on until it is stopped. */
export function useDrill(strings: number) {
  const [secondsEach, setSecondsEach] = useState(4);
  const [turn, setTurn] = useState<number | null>(null);
  const isPlaying = turn !== null;
  useEffect(() => {
    if (!isPlaying) return;
    const timer = setInterval(() => setTurn((now) => (now ?? 0) + 1), secondsEach * 1000);
    return () => clearInterval(timer);
  }, [isPlaying, secondsEach]);
  const order = crossingDrill(strings);
  return {
    played: turn === null ? null : order[turn % order.length]!,
    secondsEach,
    setSecondsEach,
    start: () => setTurn(0),
    stop: () => setTurn(null),
  };
}
