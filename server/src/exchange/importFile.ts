import type { Knex } from 'knex';
import type { ImportPreview } from '@open-palm/contract/exchange';
import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { bodyHash } from '../bodyHash';
import { inTransaction } from '../db/inTransaction';
import { judgeCheck } from '../features/checks/judgeCheck';
import { addCheck } from '../features/checks/repo';
import { addHold } from '../features/holds/repo';
import { addEntry } from '../features/lessonLog/repo';
import { putStudent } from '../features/students/repo';
import { Problem } from '../problem';
import { findHold } from '../references/repo';
import type { StudioParts } from '../studioParts';
import { refreshTrack } from '../tracking/refreshTrack';
import { planImport, type ImportPlan, type ImportSettings } from './importPlan';

/**
 * Imports a file that was previewed: all of it, or nothing.
 *
 * @param sha256 of the file that was previewed
 * @returns what was done; the preview with what is wrong when anything is, and nothing was changed then
 * @throws Problem `conflict` when it is another file than the previewed one
 */
export async function importFile(
  { db, now, zone }: StudioParts,
  bytes: Uint8Array,
  { sha256, ...settings }: { sha256: string } & ImportSettings,
): Promise<ImportPreview> {
  const plan = await planImport(db, bytes, { zone, ...settings });
  if (plan.preview.sha256 !== sha256) {
    const message = 'This is another file than the one that was shown. Look at it again first.';
    throw new Problem(409, 'conflict', message, 'sha256');
  }
  if (plan.preview.issueCount > 0) return plan.preview;
  await inTransaction(db, (trx) => carryOut(trx, plan, { createdAt: now().toISOString(), zone }));
  return { ...plan.preview, done: true };
}

async function carryOut(
  trx: Knex,
  { students, holds, checks, log }: ImportPlan,
  { createdAt, zone }: { createdAt: string; zone: string },
): Promise<void> {
  for (const hold of holds) await addHold(trx, hold, createdAt);
  for (const student of students) {
    if (!(await putStudent(trx, student, createdAt))) {
      throw new Problem(409, 'conflict', `An instrument of ${student.name} is taken.`, 'setups');
    }
  }
  for (const { id, input } of checks) {
    const { holdId, holdVersion } = input.grip;
    const hold = HOLD_IDS.includes(holdId)
      ? holdById(holdId)
      : (await findHold(trx, holdId, holdVersion))!;
    const { check, standings } = await judgeCheck(id, input, hold, null);
    await addCheck(trx, check, { standings, bodySha256: bodyHash(input), createdAt });
  }
  for (const entry of log) {
    await addEntry(trx, entry, { bodySha256: bodyHash(entry), createdAt });
  }
  const touched = new Set([
    ...students.flatMap(({ setups }) => setups.map(({ id }) => id)),
    ...checks.map(({ input }) => input.setupId),
    ...log.map(({ setupId }) => setupId),
  ]);
  for (const setupId of touched) await refreshTrack(trx, setupId, zone);
}
