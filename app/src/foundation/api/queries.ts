import { useMemo } from 'react';
import useSWR from 'swr';
import type { Check } from '@open-palm/contract';
import { checkSchema } from '@open-palm/contract/check';
import { crossingListSchema } from '@open-palm/contract/crossing';
import { handFileSchema, studentListSchema } from '@open-palm/contract/handFile';
import { leftOutOf } from '@open-palm/contract/lenientArray';
import { ownHoldListSchema } from '@open-palm/contract/ownHold';
import { studioStateSchema } from '@open-palm/contract/studioState';
import { takeListSchema } from '@open-palm/contract/take';
import { historySchema } from '@open-palm/contract/track';
import { groupFileSchema, groupListSchema } from '@open-palm/contract/walk';
import type { z } from 'zod';
import type { RowMark } from '@open-palm/core/row/rowMark';
import { ask } from './client';
import {
  fileOfNew,
  newestGroupFile,
  newestGroups,
  newestHandFile,
  newestMarks,
  newestHolds,
  newestList,
  newestTakes,
  type Here,
} from './newest';
import { paths } from './paths';
import { useArrived, useEntries } from './sync/useSync';

/** How soon an answer is asked for again while the studio still works something out, ms. */
const WORKING_OUT_MS = 700;

/** Without a path nothing is asked. */
function useAsked<S extends z.ZodType>(schema: S, path: string | null) {
  const {
    data,
    error,
    mutate: reload,
  } = useSWR<z.infer<S>, Error>(path, (asked: string) => ask(schema, asked), {
    refreshInterval: (latest) => (isWorkingOut(latest) ? WORKING_OUT_MS : 0),
  });
  return { data, error, retry: () => void reload() };
}

const isWorkingOut = (data: unknown): boolean =>
  typeof data === 'object' && data !== null && 'workingOut' in data && data.workingOut !== 0;

function useHere(): Here {
  const [entries, arrived] = [useEntries(), useArrived()];
  return useMemo(() => ({ entries, arrived }), [entries, arrived]);
}

/** Every student, in the newest revision there is, sent or not. */
export function useStudents() {
  const here = useHere();
  const { data, ...rest } = useAsked(studentListSchema, paths.students);
  const newest = useMemo(
    () =>
      data && {
        ...data,
        unreadable: data.unreadable + unreadIn(data),
        students: newestList(data.students, here),
        ownHolds: newestHolds(data.ownHolds, here),
      },
    [data, here],
  );
  return { data: newest, ...rest };
}

/** Records that this page could not read, of students and of what is open with them. */
const unreadIn = ({ students, ownHolds }: z.infer<typeof studentListSchema>): number =>
  [students, ownHolds, ...students.flatMap(({ open, tracks }) => [open, tracks])].reduce(
    (sum, list) => sum + leftOutOf(list),
    0,
  );

/** A student's hand file on one instrument, the main one unless another is named. */
export function useHandFile(studentId: string | null, setupId?: string) {
  const here = useHere();
  const path = studentId === null ? null : paths.handFile(studentId, setupId);
  const { data, error, retry } = useAsked(handFileSchema, path);
  const newest = useMemo(() => {
    if (data) return newestHandFile(data, here);
    return studentId === null ? undefined : (fileOfNew(studentId, setupId, here) ?? undefined);
  }, [data, here, studentId, setupId]);
  return { data: newest, error: newest ? undefined : error, retry };
}

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
export function useTakes(setupId: string) {
  const here = useHere();
  const { data, ...rest } = useAsked(takeListSchema, paths.takes(setupId));
  const takes = useMemo(
    () => data && newestTakes(data.takes, setupId, here),
    [data, setupId, here],
  );
  return { data: takes && { takes }, ...rest };
}

/** The newest string crossings on an instrument, newest first. */
export const useCrossings = (setupId: string) =>
  useAsked(crossingListSchema, paths.crossings(setupId));
/** Every look at a student's hold on one instrument, oldest first. */
export const useHistory = (studentId: string, setupId: string) =>
  useAsked(historySchema, paths.history(studentId, setupId));

export function useOwnHolds() {
  const here = useHere();
  const { data, ...rest } = useAsked(ownHoldListSchema, paths.holds);
  const holds = useMemo(() => data && newestHolds(data.holds, here), [data, here]);
  return { data: holds && { holds }, ...rest };
}

/** Every group, with what this device has changed of them. */
export function useGroups() {
  const here = useHere();
  const { data, ...rest } = useAsked(groupListSchema, paths.groups);
  const newest = useMemo(
    () => data && { ...data, groups: newestGroups(data.groups, here) },
    [data, here],
  );
  return { data: newest, ...rest };
}

/** A group with its newest walks; with a year of them where that is wanted and the studio answers. */
export function useGroup(groupId: string, isWhole = false) {
  const here = useHere();
  const { data: recent, error, retry } = useAsked(groupFileSchema, paths.group(groupId));
  const { data: whole } = useAsked(groupFileSchema, isWhole ? paths.wholeGroup(groupId) : null);
  const data = whole ?? recent;
  const newest = useMemo(() => newestGroupFile(data, groupId, here), [data, groupId, here]);
  return { data: newest, error: newest ? undefined : error, retry };
}

/** Every mark of a walk that the studio or this device knows, in the order in which they were made. */
export function useWalkMarks(walkId: string, kept: readonly RowMark[]): RowMark[] {
  const here = useHere();
  return useMemo(() => newestMarks(walkId, kept, here), [walkId, kept, here]);
}

export const useCheck = (checkId: string | null) =>
  useAsked(checkSchema, checkId === null ? null : paths.check(checkId));

/** What a person should know of the studio's own files. */
export const useStudioState = () => useAsked(studioStateSchema, paths.studio);
