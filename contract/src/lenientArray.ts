import { z } from 'zod';

const leftOut = new WeakMap<readonly unknown[], number>();

/**
 * A list of which one bad entry spoils nothing: what cannot be read is left out and counted, so that it can be told.
 *
 * @example leftOutOf(lenientArray(z.number()).parse([1, 'x', 3])) // 1
 */
export const lenientArray = <S extends z.ZodType>(item: S) =>
  z.array(z.unknown()).transform((entries): z.output<S>[] => {
    const read = entries.map((entry) => item.safeParse(entry));
    const kept = read.flatMap((result) => (result.success ? [result.data] : []));
    if (kept.length < entries.length) leftOut.set(kept, entries.length - kept.length);
    return kept;
  });

/** How many entries of a list could not be read. */
export const leftOutOf = (list: readonly unknown[]): number => leftOut.get(list) ?? 0;
