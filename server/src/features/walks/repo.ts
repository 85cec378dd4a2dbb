import type { Knex } from 'knex';
import type { CheckInput, Walk, WalkedPlayer } from '@open-palm/contract';
import type { RowMark } from '@open-palm/core/row';
import { receivedHash } from '../../bodyHash';
import type { Maker } from '../../maker';
import { addCheck } from '../checks/repo';

interface WalkRow {
  id: string;
  group_id: string;
  day: string;
  from_memory: number;
  created_at: string;
  made_by: string | null;
  author: string | null;
}

interface MarkRow {
  id: string;
  walk_id: string;
  student_id: string;
  setup_id: string;
  at: string;
  said_json: string;
}

const markOf = (row: MarkRow): RowMark => ({
  id: row.id,
  at: row.at,
  studentId: row.student_id,
  setupId: row.setup_id,
  ...JSON.parse(row.said_json),
});

/** A walk with every mark of it, in the order in which they were made. */
export async function findWalk(db: Knex, id: string): Promise<Walk | undefined> {
  const row = await db<WalkRow>('walks').where({ id }).first();
  if (!row) return undefined;
  const marks = await db<MarkRow>('walk_marks').where({ walk_id: id }).orderBy(['at', 'id']);
  return {
    id,
    groupId: row.group_id,
    day: row.day,
    fromMemory: row.from_memory === 1,
    marks: marks.map(markOf),
  };
}

export const addWalk = (
  trx: Knex,
  { id, groupId, day, fromMemory }: Omit<Walk, 'marks'>,
  { createdAt, maker }: { createdAt: string; maker: Maker },
): Promise<unknown> =>
  trx<WalkRow>('walks').insert({
    id,
    group_id: groupId,
    day,
    from_memory: fromMemory ? 1 : 0,
    created_at: createdAt,
    made_by: maker.madeBy,
    author: maker.author,
  });

/** Marks with these ids that are one of another walk. */
export const marksElsewhere = (
  db: Knex,
  walkId: string,
  ids: readonly string[],
): Promise<string[]> =>
  db<MarkRow>('walk_marks')
    .whereIn('id', [...ids])
    .whereNot({ walk_id: walkId })
    .pluck('id');

/** Adds those marks that are not there yet. */
export async function addMarks(
  trx: Knex,
  walkId: string,
  marks: readonly RowMark[],
): Promise<void> {
  for (let from = 0; from < marks.length; from += AT_ONCE) {
    await trx<MarkRow>('walk_marks')
      .insert(
        marks.slice(from, from + AT_ONCE).map(({ id, at, studentId, setupId, ...said }) => ({
          id,
          walk_id: walkId,
          student_id: studentId,
          setup_id: setupId,
          at,
          said_json: JSON.stringify(said),
        })),
      )
      .onConflict('id')
      .ignore();
  }
}

/** SQLite takes so many values in one statement, and some to spare. */
const AT_ONCE = 100;

/** Which of these students are here. */
export const studentsHere = async (
  db: Knex,
  ids: readonly string[],
): Promise<ReadonlySet<string>> =>
  new Set(
    await db('students')
      .whereIn('id', [...ids])
      .pluck('id'),
  );

/** Writes what a walk saw of a player, in the place of what it saw before. */
export async function putWalkedPlayer(
  trx: Knex,
  walkId: string,
  { studentId, isAbsent, faults, at, checkId }: WalkedPlayer,
): Promise<void> {
  const row = {
    absent: isAbsent ? 1 : 0,
    faults_json: JSON.stringify(faults),
    looked_at: at,
    check_id: checkId,
  };
  await trx('walk_players')
    .insert({ walk_id: walkId, student_id: studentId, ...row })
    .onConflict(['walk_id', 'student_id'])
    .merge(row);
}

/**
 * Keeps the look that a walk became for one player, in the place of an earlier one of the same walk; with null there is none any more,
 * unless something was written to it.
 *
 * @returns whether anything changed
 */
export async function putLook(
  trx: Knex,
  id: string,
  look: CheckInput | null,
  extra: { createdAt: string; maker: Maker },
): Promise<boolean> {
  const known = await trx('checks').where({ id }).first<{ body_sha256: string }>('body_sha256');
  if (look === null) {
    if (!known || (await trx('letters').where({ check_id: id }).first('check_id'))) return false;
    await trx('checks').where({ id }).delete();
    return true;
  }
  const bodySha256 = receivedHash(look);
  if (known?.body_sha256 === bodySha256) return false;
  if (!known) {
    await addCheck(trx, { ...look, id }, { bodySha256, ...extra });
    return true;
  }
  // What was told of the earlier one was told of other marks.
  await trx('told').where({ check_id: id }).delete();
  await trx('checks')
    .where({ id })
    .update({
      taken_at: look.takenAt,
      taps_json: JSON.stringify(look.taps),
      signs_json: JSON.stringify(look.signs),
      body_sha256: bodySha256,
      pending: 1,
    });
  return true;
}

/** Whether a person took this look away. */
export const isInBin = async (db: Knex, checkId: string): Promise<boolean> =>
  (await db('bin').where({ kind: 'check', of_id: checkId }).first('id')) !== undefined;
