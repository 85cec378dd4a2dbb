const UNITS = ['bytes', 'kB', 'MB', 'GB', 'TB'] as const;

/**
 * A size as it is read.
 *
 * @example bytesWords(1_234_567) // '1.2 MB'
 */
export function bytesWords(bytes: number): string {
  const power = Math.min(UNITS.length - 1, Math.floor(Math.log10(Math.max(1, bytes)) / 3));
  return `${(bytes / 1000 ** power).toFixed(power === 0 ? 0 : 1)} ${UNITS[power]}`;
}
