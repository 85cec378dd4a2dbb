import { useEffect, useState } from 'react';

/** False in the first frame, true from the next one on: for what may follow what is looked at first. */
export function useAfterPaint(): boolean {
  const [painted, setPainted] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => requestAnimationFrame(() => setPainted(true)));
    return () => cancelAnimationFrame(frame);
  }, []);
  return painted;
}
