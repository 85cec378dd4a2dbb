import type { Knex } from 'knex';
import type { Check, CheckInput } from '@open-palm/contract';
import { HOLD_IDS, holdById, type Hold } from '@open-palm/core/holds';
import { bodyHash } from '../../bodyHash';
import { inTransaction } from '../../db/inTransaction';
import { notFound, Problem } from '../../problem';
import {
  findHold,
  findRelaxedHand,
  pictureExists,
  setupExists,
  studentExists,
} from '../../references/repo';
import type { StudioParts } from '../../studioParts';
import { refreshTrack } from '../../tracking/refreshTrack';
import { judgeCheck } from './judgeCheck';
import { addCheck, bodyHashOf, findCheck } from './repo';

/**
 * Keeps a check under the client's id. The same check again gives the same answer; nothing is half-kept.
 *
 * @throws Problem `notFound` for an unknown student, picture, hold or relaxed hand, `conflict` when the id belongs to
 *   another check
 * @throws InputError when its points cannot be measured or its answers not judged
 */
export async function saveCheck(
  { db, now, zone }: StudioParts,
  id: string,
  input: CheckInput,
): Promise<Check> {
  const bodySha256 = bodyHash(input);
  if (await isKept(db, id, bodySha256)) return loadCheck(db, id);
  if (!(await studentExists(db, input.studentId))) throw notFound('student', 'studentId');
  if (!(await setupExists(db, input.studentId, input.setupId))) {
    throw notFound('instrument of this student', 'setupId');
  }
  for (const [i, capture] of input.captures.entries()) {
    if (!(await pictureExists(db, capture.pictureId))) {
      throw notFound('picture', `captures[${i}].pictureId`);
    }
  }
  const { check, standings } = await judgeCheck(
    id,
    input,
    await holdOf(db, input.grip),
    await relaxedHandOf(db, input),
  );
  try {
    await inTransaction(db, async (trx) => {
      await addCheck(trx, check, { standings, bodySha256, createdAt: now().toISOString() });
      await refreshTrack(trx, input.setupId, zone);
    });
  } catch (error) {
    // Fitting a hand takes a moment, in which the same check may have been sent again and kept.
    if (!(await isKept(db, id, bodySha256))) throw error;
  }
  return loadCheck(db, id);
}

/**
 * Whether this very check is kept already.
 *
 * @throws Problem `conflict` when the id belongs to another check
 */
async function isKept(db: Knex, id: string, bodySha256: string): Promise<boolean> {
  const known = await bodyHashOf(db, id);
  if (known !== undefined && known !== bodySha256) {
    throw new Problem(409, 'conflict', 'This id already belongs to another check.', 'id');
  }
  return known !== undefined;
}

/** The hold that a check names: a shipped one as it ships now, an own one in exactly its version. */
async function holdOf(db: Knex, { holdId, holdVersion }: CheckInput['grip']): Promise<Hold> {
  if (HOLD_IDS.includes(holdId)) return holdById(holdId);
  const hold = await findHold(db, holdId, holdVersion);
  if (!hold) throw notFound('hold', 'grip.holdId');
  return hold;
}

async function relaxedHandOf(db: Knex, { grip, studentId }: CheckInput) {
  if (grip.relaxedHandId === null) return null;
  const relaxedHand = await findRelaxedHand(db, grip.relaxedHandId);
  if (relaxedHand?.studentId !== studentId) throw notFound('relaxed hand', 'grip.relaxedHandId');
  return relaxedHand;
}

/** @throws Problem `notFound` */
export async function loadCheck(db: Knex, id: string): Promise<Check> {
  const check = await findCheck(db, id);
  if (!check) throw notFound('check', 'id');
  return check;
}
