import { answers } from '@open-palm/words/answers';
import { groupWords } from '@open-palm/words/groups';
import type { Knex } from 'knex';
import type { Student, Walk, WalkInput } from '@open-palm/contract';
import { unitedMarks, type RowMark } from '@open-palm/core/row';
import type { Hold } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { findAnswerIssues } from '@open-palm/core/measure';
import { lookIdOf, lookOfWalk, playerGrip } from '@open-palm/records/row';
import { inTransaction } from '../../db/inTransaction';
import { touchSetups } from '../../derive/repo';
import type { Maker } from '../../maker';
import { notFound, Problem } from '../../problem';
import { instrumentsOf, latestHolds } from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { findGroup } from '../groups/repo';
import { findSetup, findStudent } from '../students/repo';
import {
  addMarks,
  addWalk,
  findWalk,
  isInBin,
  marksElsewhere,
  putLook,
  putWalkedPlayer,
  studentsHere,
} from './repo';

type Parts = Pick<StudioParts, 'now' | 'erased'>;

/**
 * Keeps the marks of a walk that one device knows, together with those of every other: what was kept is never taken away by a device that
 * does not know it. The looks that the players' files show are made of all of them. Marks of who is not here any more are left out.
 *
 * @returns the walk with the marks of all devices
 * @throws Problem `notFound` without such a group or instrument, `conflict` where the id or a mark is of another walk
 * @throws InputError for an answer that its question does not have
 */
export async function saveWalk(
  parts: Parts & Pick<StudioParts, 'db' | 'deriver'>,
  id: string,
  input: WalkInput,
  maker: Maker,
): Promise<Walk> {
  const { walk, setups } = await inTransaction(parts.db, (trx) =>
    keepWalk(parts, trx, id, input, maker),
  );
  parts.deriver.wake(setups);
  return walk;
}

/** The same inside a transaction of the caller's; tells the instruments whose standing changes. */
export async function keepWalk(
  parts: Parts,
  trx: Knex,
  id: string,
  input: WalkInput,
  maker: Maker,
): Promise<{ walk: Walk; setups: string[] }> {
  const before = await findWalk(trx, id);
  await refuseOther(trx, id, input, before);
  const extra = { createdAt: parts.now().toISOString(), maker };
  if (!before) await addWalk(trx, { id, ...input }, extra);
  const here = await studentsHere(
    trx,
    input.marks.map(({ studentId }) => studentId),
  );
  await refuseMarks(trx, input.marks, here);
  const known = new Set(before?.marks.map((mark) => mark.id));
  const fresh = input.marks.filter((mark) => here.has(mark.studentId) && !known.has(mark.id));
  await addMarks(trx, id, fresh);
  const marks = unitedMarks(before?.marks ?? [], fresh);
  const walk = { id, ...input, fromMemory: before?.fromMemory ?? input.fromMemory, marks };
  const changed = new Set(fresh.map(({ studentId }) => studentId));
  return { walk, setups: await keepLooks(parts, trx, walk, changed, extra) };
}

async function refuseOther(
  trx: Knex,
  id: string,
  { groupId, day, marks }: WalkInput,
  before: Walk | undefined,
): Promise<void> {
  const group = await findGroup(trx, groupId);
  if (!group) throw notFound('group', 'groupId');
  if (group.goneAt !== null) throw new Problem(404, 'inBin', groupWords.inBin, 'groupId');
  if (before && (before.groupId !== groupId || before.day !== day)) {
    throw new Problem(409, 'conflict', answers.idTaken('walk'), 'id');
  }
  const [taken] = await marksElsewhere(
    trx,
    id,
    marks.map((mark) => mark.id),
  );
  if (taken === undefined) return;
  const at = marks.findIndex((mark) => mark.id === taken);
  throw new Problem(409, 'conflict', answers.idTaken('walk'), `marks[${at}].id`);
}

/** A mark of who is here is of an instrument of theirs, and an answer is one that its question has. */
async function refuseMarks(
  trx: Knex,
  marks: readonly RowMark[],
  here: ReadonlySet<string>,
): Promise<void> {
  const instruments = await instrumentsOf(trx, [...here]);
  for (const [i, mark] of marks.entries()) {
    if (!here.has(mark.studentId)) continue;
    if (!instruments.has(`${mark.studentId} ${mark.setupId}`)) {
      throw notFound('instrument of this student', `marks[${i}].setupId`);
    }
    if (mark.kind !== 'tap') continue;
    const issues = findAnswerIssues(mark.tap);
    if (issues.length > 0) {
      throw new InputError(issues.map((issue) => ({ ...issue, where: `marks[${i}].tap` })));
    }
  }
}

/** Writes what these players' marks come to; returns the instruments whose standing changes. */
async function keepLooks(
  { erased }: Parts,
  trx: Knex,
  walk: Walk,
  studentIds: ReadonlySet<string>,
  extra: { createdAt: string; maker: Maker },
): Promise<string[]> {
  const ownHolds = await latestHolds(trx);
  const touched: string[] = [];
  for (const studentId of studentIds) {
    const marks = walk.marks.filter((mark) => mark.studentId === studentId);
    const student = (await findStudent(trx, studentId))!;
    const lookId = lookIdOf(walk, studentId);
    const { seen, look } = lookOfWalk(marks, await gripNow(trx, marks, student, ownHolds));
    // A look that somebody took away stays away, whatever the walk says.
    const isAway = erased.has(lookId) || (await isInBin(trx, lookId));
    if (!isAway && (await putLook(trx, lookId, look, extra))) touched.push(marks.at(-1)!.setupId);
    await putWalkedPlayer(trx, walk.id, {
      ...seen,
      checkId: look === null || isAway ? null : lookId,
    });
  }
  await touchSetups(trx, touched);
  return touched;
}

/** By what a player is judged now, on the instrument that they were seen with, given up since or not. */
async function gripNow(
  trx: Knex,
  marks: readonly RowMark[],
  student: Student,
  ownHolds: readonly Hold[],
) {
  const setup = (await findSetup(trx, student.id, marks.at(-1)!.setupId))!;
  return playerGrip(student, setup, ownHolds);
}
