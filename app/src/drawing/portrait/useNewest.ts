import { useState } from 'react';
import useSWRImmutable from 'swr/immutable';

/**
 * What is drawn for an order, away from the screen's own thread; the one before stays until the new one is there. Orders that come while one
 * is drawn wait, and only the newest of them is drawn next.
 *
 * @param kind tells orders of different makers apart
 * @param wanted the order as a text
 * @returns null until the first one is drawn, or where none can be
 */
export function useNewest<Drawing>(
  kind: string,
  wanted: string,
  draw: (order: string) => Promise<Drawing>,
): Drawing | null {
  const [key, setKey] = useState(wanted);
  const { data, isLoading } = useSWRImmutable<Drawing>([kind, key], () => draw(key), {
    keepPreviousData: true,
    shouldRetryOnError: false,
  });
  if (!isLoading && key !== wanted) setKey(wanted);
  return data ?? null;
}
