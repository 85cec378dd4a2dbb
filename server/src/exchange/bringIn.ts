import { answers } from '@open-palm/words/answers';
import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import {
  groupInputOf,
  inputOf,
  type Group,
  type GroupInput,
  type KeptGroup,
  type Student,
  type StudentInput,
} from '@open-palm/contract';
import { receivedHash } from '../bodyHash';
import { touchSetups } from '../derive/repo';
import { keepEdit } from '../edits/keepEdit';
import { hidePhotographs, type Hidden } from '../bin/takeAway';
import { addCheck } from '../features/checks/repo';
import { findGroup, putGroup } from '../features/groups/repo';
import { addHold } from '../features/holds/repo';
import { addEntry } from '../features/lessonLog/repo';
import { findStudent, putStudent } from '../features/students/repo';
import { Problem } from '../problem';
import type { Brought } from './importBatches';
import type { Maker } from '../maker';

/**
 * Brings students, holds, looks and notes in as facts, inside a transaction of the caller's.
 *
 * @param maker who brought them in
 * @returns the instruments that are to be worked out, and what was hidden because photographs are withheld
 */
export async function bringIn(
  trx: Knex,
  { students, holds, checks, log, groups }: Brought,
  createdAt: string,
  maker: Maker,
): Promise<{ touched: string[]; hidden: Hidden[] }> {
  for (const hold of holds) await addHold(trx, hold, createdAt);
  const hidden: Hidden[] = [];
  for (const student of students) {
    hidden.push(...(await putWhole(trx, student, createdAt, maker)));
  }
  for (const { id, input } of checks) {
    const takenAt = new Date(input.takenAt).toISOString();
    const bodySha256 = receivedHash(input);
    await addCheck(trx, { ...input, id, takenAt }, { bodySha256, createdAt, maker });
  }
  for (const entry of log) {
    await addEntry(trx, entry, { bodySha256: receivedHash(entry), createdAt, maker });
  }
  for (const group of groups) await putGroupWhole(trx, group, createdAt, maker);
  const touched = new Set([
    ...students.flatMap(({ setups }) => setups.map(({ id }) => id)),
    ...checks.map(({ input }) => input.setupId),
    ...log.map(({ setupId }) => setupId),
  ]);
  await touchSetups(trx, [...touched]);
  return { touched: [...touched], hidden };
}

/** A table's word about who plays in a group: an edit like any other, made now. */
async function putGroupWhole(
  trx: Knex,
  { id, ...body }: Group,
  createdAt: string,
  maker: Maker,
): Promise<void> {
  const known = await findGroup(trx, id);
  const { goneAt: _, ...current } = known ?? { goneAt: null };
  await keepEdit<GroupInput>(trx, {
    kind: 'group',
    id,
    edit: { id: uuidv7(), basedOn: known?.version ?? 0, after: [] },
    body,
    current: known && { version: known.version, body: groupInputOf(current as KeptGroup) },
    maker,
    createdAt,
    put: (next) => putGroup(trx, { id, version: next.version, ...next.body }, createdAt),
  });
}

/** The file's word about a student takes the place of what stood here: an edit like any other, made now. */
async function putWhole(
  trx: Knex,
  student: Student,
  createdAt: string,
  maker: Maker,
): Promise<Hidden[]> {
  const known = await findStudent(trx, student.id);
  const { id, ...body } = student;
  await keepEdit<StudentInput>(trx, {
    kind: 'student',
    id,
    edit: { id: uuidv7(), basedOn: known?.version ?? 0, after: [] },
    body,
    current: known && { version: known.version, body: inputOf(known) },
    maker,
    createdAt,
    async put(next) {
      if (await putStudent(trx, { id, ...next.body }, next.version, createdAt)) return;
      throw new Problem(409, 'conflict', answers.instrumentTaken(student.name), 'setups');
    },
  });
  if (body.photos !== 'withheld') return [];
  return [(await hidePhotographs(trx, id, new Date(createdAt), maker)) ?? []].flat();
}
