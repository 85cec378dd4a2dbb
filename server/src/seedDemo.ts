import { existsSync, readdirSync } from 'node:fs';
import { demoStudio } from '@open-palm/studio-demo';
import { receivedHash } from './bodyHash';
import { inTransaction } from './db/inTransaction';
import { touchSetups } from './derive/repo';
import { addCheck } from './features/checks/repo';
import { addEntry } from './features/lessonLog/repo';
import { savePicture } from './features/pictures/service';
import { putStudent } from './features/students/repo';
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
  const createdAt = now().toISOString();
  const setupIds = students.flatMap(({ setups }) => setups.map(({ id }) => id));
  await inTransaction(db, async (trx) => {
    for (const student of students) await putStudent(trx, student, 1, createdAt);
    for (const { id, input } of checks) {
      const takenAt = new Date(input.takenAt).toISOString();
      const bodySha256 = receivedHash(input);
      await addCheck(trx, { ...input, id, takenAt }, { bodySha256, createdAt, madeBy: null });
    }
    for (const entry of log) {
      await addEntry(trx, entry, { bodySha256: receivedHash(entry), createdAt, madeBy: null });
    }
    await touchSetups(trx, setupIds);
    await writeFact(trx, DEMO, 'filled');
  });
  deriver.wake(setupIds);
  return checks.length;
}
