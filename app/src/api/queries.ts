import useSWR, { mutate } from 'swr';
import {
  checkSchema,
  crossingListSchema,
  handFileSchema,
  historySchema,
  ownHoldListSchema,
  ownHoldSchema,
  studentListSchema,
  studentSchema,
  takeListSchema,
  type Check,
  type StudentInput,
} from '@open-palm/contract';
import type { z } from 'zod';
import type { Hold } from '@open-palm/core/holds';
import { ask, put } from './client';
import { paths } from './paths';

/** Without a path nothing is asked. */
function useAsked<S extends z.ZodType>(schema: S, path: string | null) {
  const {
    data,
    error,
    mutate: reload,
  } = useSWR<z.infer<S>, Error>(path, (asked: string) => ask(schema, asked));
  return { data, error, retry: () => void reload() };
}

export const useStudents = () => useAsked(studentListSchema, paths.students);
/** A student's hand file on one instrument, the main one unless another is named. */
export const useHandFile = (studentId: string | null, setupId?: string) =>
  useAsked(handFileSchema, studentId === null ? null : paths.handFile(studentId, setupId));
/** The hand file that a check belongs to: of its own instrument where that is still played, else of the main one. */
export function useFileOfCheck({ studentId, setupId }: Pick<Check, 'studentId' | 'setupId'>) {
  const main = useHandFile(studentId);
  const isOther =
    main.data !== undefined &&
    main.data.setupId !== setupId &&
    main.data.student.setups.some(({ id }) => id === setupId);
  const own = useHandFile(isOther ? studentId : null, setupId);
  return isOther ? own : main;
}
/** The newest takes of strokes on an instrument, newest first. */
export const useTakes = (setupId: string) => useAsked(takeListSchema, paths.takes(setupId));
/** The newest string crossings on an instrument, newest first. */
export const useCrossings = (setupId: string) =>
  useAsked(crossingListSchema, paths.crossings(setupId));
/** Every look at a student's hold on one instrument, oldest first. */
export const useHistory = (studentId: string, setupId: string) =>
  useAsked(historySchema, paths.history(studentId, setupId));
export const useOwnHolds = () => useAsked(ownHoldListSchema, paths.holds);
export const useCheck = (checkId: string | null) =>
  useAsked(checkSchema, checkId === null ? null : paths.check(checkId));

/** Writes down a student, and lets every screen know. */
export async function saveStudent(id: string, input: StudentInput): Promise<void> {
  await put(studentSchema, paths.student(id), input);
  await refreshStudent(id);
}

/** Keeps a new version of an own hold, and lets every screen know. */
export async function saveOwnHold(hold: Hold): Promise<void> {
  await put(ownHoldSchema, paths.hold(hold.id), hold);
  await mutate((key) => typeof key === 'string' && key.startsWith('/api/'));
}

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
