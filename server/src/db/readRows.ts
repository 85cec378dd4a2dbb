/** How many rows could not be read. */
export interface LeftOut {
  count: number;
}

/**
 * Reads rows one by one: one that cannot be read is left out and counted, and takes nothing else down with it.
 *
 * @param read may throw
 */
export function readRows<Row, Read>(
  rows: readonly Row[],
  read: (row: Row) => Read,
  leftOut?: LeftOut,
): Read[] {
  return rows.flatMap((row) => {
    try {
      return [read(row)];
    } catch {
      if (leftOut) leftOut.count += 1;
      return [];
    }
  });
}
