import { answers } from '@open-palm/words/answers';
import type { ImportPreview } from '@open-palm/contract/exchange';
import { inTransaction } from '../db/inTransaction';
import { goneFrom } from '../erase/refuseErased';
import { Problem } from '../problem';
import type { Maker } from '../maker';
import type { StudioParts } from '../studioParts';
import { bringIn } from './bringIn';
import { planImport, type ImportSettings } from './importPlan';

/**
 * Imports a file that was previewed: all of it, or nothing.
 *
 * @param sha256 of the file that was previewed
 * @returns what was done; the preview with what is wrong when anything is, and nothing was changed then
 * @throws Problem `conflict` when it is another file than the previewed one
 */
export async function importFile(
  { db, now, zone, deriver, erased }: StudioParts,
  bytes: Uint8Array,
  { sha256, ...settings }: { sha256: string } & ImportSettings,
  maker: Maker,
): Promise<ImportPreview> {
  const plan = await planImport(db, bytes, {
    zone: zone(),
    isGone: await goneFrom(db, erased),
    ...settings,
  });
  if (plan.preview.sha256 !== sha256) {
    const message = answers.otherFile;
    throw new Problem(409, 'conflict', message, 'sha256');
  }
  if (plan.preview.issueCount > 0) return plan.preview;
  const touched = await inTransaction(db, (trx) => bringIn(trx, plan, now().toISOString(), maker));
  deriver.wake(touched);
  return { ...plan.preview, done: true };
}
