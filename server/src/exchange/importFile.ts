import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import { inputOf, type Student, type StudentInput } from '@open-palm/contract';
import type { ImportPreview } from '@open-palm/contract/exchange';
import { receivedHash } from '../bodyHash';
import { inTransaction } from '../db/inTransaction';
import { touchSetups } from '../derive/repo';
import { keepEdit } from '../edits/keepEdit';
import { addCheck } from '../features/checks/repo';
import { addHold } from '../features/holds/repo';
import { addEntry } from '../features/lessonLog/repo';
import { findStudent, putStudent } from '../features/students/repo';
import { Problem } from '../problem';
import type { StudioParts } from '../studioParts';
import { planImport, type ImportPlan, type ImportSettings } from './importPlan';

/**
 * Imports a file that was previewed: all of it, or nothing.
 *
 * @param sha256 of the file that was previewed
 * @returns what was done; the preview with what is wrong when anything is, and nothing was changed then
 * @throws Problem `conflict` when it is another file than the previewed one
 */
export async function importFile(
  { db, now, zone, deriver }: StudioParts,
  bytes: Uint8Array,
  { sha256, ...settings }: { sha256: string } & ImportSettings,
): Promise<ImportPreview> {
  const plan = await planImport(db, bytes, { zone, ...settings });
  if (plan.preview.sha256 !== sha256) {
    const message = 'This is another file than the one that was shown. Look at it again first.';
    throw new Problem(409, 'conflict', message, 'sha256');
  }
  if (plan.preview.issueCount > 0) return plan.preview;
  const touched = await inTransaction(db, (trx) => carryOut(trx, plan, now().toISOString()));
  deriver.wake(touched);
  return { ...plan.preview, done: true };
}

/** @returns the instruments that are to be worked out */
async function carryOut(
  trx: Knex,
  { students, holds, checks, log }: ImportPlan,
  createdAt: string,
): Promise<string[]> {
  for (const hold of holds) await addHold(trx, hold, createdAt);
  for (const student of students) await putWhole(trx, student, createdAt);
  for (const { id, input } of checks) {
    const takenAt = new Date(input.takenAt).toISOString();
    const bodySha256 = receivedHash(input);
    await addCheck(trx, { ...input, id, takenAt }, { bodySha256, createdAt, madeBy: null });
  }
  for (const entry of log) {
    await addEntry(trx, entry, { bodySha256: receivedHash(entry), createdAt, madeBy: null });
  }
  const touched = new Set([
    ...students.flatMap(({ setups }) => setups.map(({ id }) => id)),
    ...checks.map(({ input }) => input.setupId),
    ...log.map(({ setupId }) => setupId),
  ]);
  await touchSetups(trx, [...touched]);
  return [...touched];
}

/** The file's word about a student takes the place of what stood here: an edit like any other, made now. */
async function putWhole(trx: Knex, student: Student, createdAt: string): Promise<void> {
  const known = await findStudent(trx, student.id);
  const { id, ...body } = student;
  await keepEdit<StudentInput>(trx, {
    kind: 'student',
    id,
    edit: { id: uuidv7(), basedOn: known?.version ?? 0, after: [] },
    body,
    current: known && { version: known.version, body: inputOf(known) },
    madeBy: null,
    createdAt,
    async put(next) {
      if (await putStudent(trx, { id, ...next.body }, next.version, createdAt)) return;
      throw new Problem(409, 'conflict', `An instrument of ${student.name} is taken.`, 'setups');
    },
  });
}
