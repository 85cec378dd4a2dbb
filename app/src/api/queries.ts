import useSWR, { mutate } from 'swr';
import {
  checkSchema,
  handFileSchema,
  studentListSchema,
  studentSchema,
  type StudentInput,
} from '@open-palm/contract';
import type { z } from 'zod';
import { ask, put } from './client';
import { paths } from './paths';

function useAsked<S extends z.ZodType>(schema: S, path: string) {
  const { data, error, mutate: reload } = useSWR<z.infer<S>, Error>(path, () => ask(schema, path));
  return { data, error, retry: () => void reload() };
}

export const useStudents = () => useAsked(studentListSchema, paths.students);
export const useHandFile = (studentId: string) =>
  useAsked(handFileSchema, paths.student(studentId));
export const useCheck = (checkId: string) => useAsked(checkSchema, paths.check(checkId));

/** Writes down a student, and lets every screen know. */
export async function saveStudent(id: string, input: StudentInput): Promise<void> {
  await put(studentSchema, paths.student(id), input);
  await refreshStudent(id);
}

/** Loads anew what is shown of a student. */
export async function refreshStudent(id: string): Promise<void> {
  await Promise.all([mutate(paths.students), mutate(paths.student(id))]);
}
