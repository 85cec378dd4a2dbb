import { mutate } from 'swr';
import { paths } from './paths';

/** Loads anew what is shown of a student. */
export async function refreshStudent(id: string): Promise<void> {
  const own = paths.student(id);
  await Promise.all([
    mutate(paths.students),
    mutate((key) => typeof key === 'string' && key.startsWith(own)),
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
