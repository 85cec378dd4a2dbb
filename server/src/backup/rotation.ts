/** How long daily backups are kept: one a day, and of each month the last one. */
export const KEPT = { days: 14, months: 12 };

const DAILY = /^open-palm-daily-(\d{4}-\d{2}-\d{2})\.zip$/;
const ASKED = /^open-palm-\d{4}-\d{2}-\d{2}-\d{6}\.zip$/;

export const dailyName = (day: string): string => `open-palm-daily-${day}.zip`;

/** @param now in UTC, as file names of one studio have to sort by their time */
export const askedName = (now: Date): string =>
  `open-palm-${now.toISOString().slice(0, 19).replace('T', '-').replaceAll(':', '')}.zip`;

/** Whether a file's name is that of a backup, and of which kind; others in the folder are nobody's business here. */
export function kindOf(name: string): 'daily' | 'asked' | null {
  if (DAILY.test(name)) return 'daily';
  return ASKED.test(name) ? 'asked' : null;
}

/**
 * Which daily backups go: all but those of the last fourteen days on which one was made, and the last one of each of the last twelve months. What
 * a person asked for never goes by itself.
 */
export function toDrop(names: readonly string[]): string[] {
  const daily = names.filter((name) => DAILY.test(name)).sort();
  const monthOf = (name: string) => DAILY.exec(name)![1]!.slice(0, 7);
  const lastOfMonth = new Map(daily.map((name) => [monthOf(name), name]));
  const kept = new Set([
    ...daily.slice(-KEPT.days),
    ...[...lastOfMonth.values()].slice(-KEPT.months),
  ]);
  return daily.filter((name) => !kept.has(name));
}
