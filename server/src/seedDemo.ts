import { existsSync, readdirSync } from 'node:fs';
import { demoStudio } from '@open-palm/studio-demo';
import { inTransaction } from './db/inTransaction';
import { bringIn } from './exchange/bringIn';
import { savePicture } from './features/pictures/service';
import { hasAnything, readFact, writeFact } from './studio/repo';
import type { StudioParts } from './studioParts';

/** What the studio notes of its demo: begun before the first picture is written, filled in one go with everything else. */
const DEMO = 'demo';

/**
 * Fills a new studio with the demo's invented students: in one go or not at all, and never beside anything of somebody's own.
 * A filling that broke off begins again.
 *
 * @param demoPictureDir the folder of the rendered pictures
 * @returns how many checks were added
 */
export async function seedDemo(
  parts: StudioParts & { pictureDir: string },
  demoPictureDir: string,
): Promise<number> {
  const { db, pictureDir, now, zone, deriver } = parts;
  const known = await readFact(db, DEMO);
  if (known === 'filled') return 0;
  if (await hasAnything(db)) return 0;
  // Pictures without a single student are somebody's whose database is gone, unless they are the demo's own.
  if (known === undefined && existsSync(pictureDir) && readdirSync(pictureDir).length > 0) return 0;
  await writeFact(db, DEMO, 'begun');
  const { students, pictures, checks, log } = demoStudio(demoPictureDir, now(), zone);
  for (const { id, jpeg } of pictures) await savePicture(parts, id, jpeg, null);
  const touched = await inTransaction(db, async (trx) => {
    const brought = { students, holds: [], checks, log };
    const setupIds = await bringIn(trx, brought, now().toISOString());
    await writeFact(trx, DEMO, 'filled');
    return setupIds;
  });
  deriver.wake(touched);
  return checks.length;
}
