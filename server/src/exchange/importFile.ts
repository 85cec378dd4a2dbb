import { setImmediate as nextTurn } from 'node:timers/promises';
import { answers } from '@open-palm/words/answers';
import type { ImportPreview } from '@open-palm/contract/exchange';
import { putMailAside, type MailFolders } from '../bin/mail';
import type { Hidden } from '../bin/takeAway';
import { inTransaction } from '../db/inTransaction';
import { Problem } from '../problem';
import type { Maker } from '../maker';
import type { StudioParts } from '../studioParts';
import { bringIn } from './bringIn';
import type { ImportSettings } from './plan';
import type { ImportReader, ReadOptions } from './importReader';

/**
 * Imports a file that was previewed: all of it, or nothing. It comes piece by piece, and whoever asks something meanwhile is answered in between.
 *
 * @param sha256 of the file that was previewed
 * @returns what was done; the preview with what is wrong when anything is, and nothing was changed then
 * @throws Problem `conflict` when it is another file than the previewed one
 */
export async function importFile(
  {
    db,
    now,
    zone,
    deriver,
    importReader,
    ...folders
  }: StudioParts & MailFolders & { importReader: ImportReader },
  bytes: Uint8Array,
  { sha256, ...settings }: { sha256: string } & ImportSettings,
  maker: Maker,
  options: ReadOptions & { onBringing: (share: number) => void },
): Promise<ImportPreview> {
  const read = await importReader(bytes, { zone: zone(), ...settings }, options);
  try {
    const { preview, pieces } = read;
    if (preview.sha256 !== sha256) {
      throw new Problem(409, 'conflict', answers.otherFile, 'sha256');
    }
    if (preview.issueCount > 0) return preview;
    const touched = new Set<string>();
    const hidden: Hidden[] = [];
    await inTransaction(db, async (trx) => {
      let done = 0;
      for (let piece = await read.next(); piece !== null; piece = await read.next()) {
        options.signal.throwIfAborted();
        const brought = await bringIn(trx, piece, now().toISOString(), maker);
        brought.touched.forEach((id) => touched.add(id));
        hidden.push(...brought.hidden);
        done += 1;
        options.onBringing(done / pieces);
        await nextTurn();
      }
      options.signal.throwIfAborted();
    });
    for (const { binId, looks } of hidden) await putMailAside(folders, binId, looks);
    deriver.wake([...touched]);
    return { ...preview, done: true };
  } finally {
    read.close();
  }
}
