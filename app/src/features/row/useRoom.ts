import { useMemo } from 'react';
import type { GroupFile } from '@open-palm/contract';
import { useGroup, useStudents } from '../../foundation/api/queries';
import { roomOf, type Room } from './room';

/** A group with its players. */
export interface GroupRoom extends Room {
  file: GroupFile;
}

/**
 * A group brought together with its students, both as new as this device knows them.
 *
 * @param isWhole with a year of walks, not only the newest
 */
export function useRoom(groupId: string, isWhole = false) {
  const [group, students] = [useGroup(groupId, isWhole), useStudents()];
  const { data: file } = group;
  const { data: all } = students;
  const data = useMemo(
    () => file && all && { file, ...roomOf(file.group, all.students, all.ownHolds) },
    [file, all],
  );
  const retry = () => {
    group.retry();
    students.retry();
  };
  return { data, error: group.error ?? students.error, retry };
}
