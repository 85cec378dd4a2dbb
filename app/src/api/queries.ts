import useSWR, { mutate } from 'swr';
import {
  checkSchema,
  handFileSchema,
  ownHoldListSchema,
  ownHoldSchema,
  studentListSchema,
  studentSchema,
  type StudentInput,
} from '@open-palm/contract';
import type { z } from 'zod';
import type { Hold } from '@open-palm/core/holds';
import { ask, put } from './client';
import { paths } from './paths';

function useAsked<S extends z.ZodType>(schema: S, path: string) {
  const { data, error, mutate: reload } = useSWR<z.infer<S>, Error>(path, () => ask(schema, path));
  return { data, error, retry: () => void reload() };
}

export const useStudents = () => useAsked(studentListSchema, paths.students);
/** A student's hand file on one instrument, the main one unless another is named. */
export const useHandFile = (studentId: string, setupId?: string) =>
  useAsked(handFileSchema, paths.handFile(studentId, setupId));
export const useOwnHolds = () => useAsked(ownHoldListSchema, paths.holds);
export const useCheck = (checkId: string) => useAsked(checkSchema, paths.check(checkId));

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
  ]);
}
