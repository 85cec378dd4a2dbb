import { mutate } from 'swr';
import { paths } from './paths';

/** Loads anew what is shown of students. */
export async function refreshStudents(ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const own = [...new Set(ids)].map(paths.student);
  await Promise.all([
    mutate(paths.students),
    mutate((key) => typeof key === 'string' && own.some((path) => key.startsWith(path))),
    mutate((key) => typeof key === 'string' && key.startsWith(paths.takes(''))),
    mutate((key) => typeof key === 'string' && key.startsWith(paths.crossings(''))),
  ]);
}

export const refreshReport = (checkId: string): Promise<unknown> => mutate(paths.report(checkId));

/** Loads anew what is shown of groups. */
export const refreshGroups = (): Promise<unknown> =>
  mutate((key) => typeof key === 'string' && key.startsWith(paths.groups));

/** Loads anew whatever is shown of the studio. */
export const refreshAll = (): Promise<unknown> =>
  mutate((key) => typeof key === 'string' && key.startsWith('/api/'));
