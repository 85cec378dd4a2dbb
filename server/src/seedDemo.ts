import { demoStudio } from '@open-palm/studio-demo';
import { inTransaction } from './db/inTransaction';
import { saveCheck } from './features/checks/service';
import { saveEntry } from './features/lessonLog/service';
import { savePicture } from './features/pictures/service';
import { allStudents, putStudent } from './features/students/repo';
import type { StudioParts } from './studioParts';

/**
 * Fills an empty studio with the demo's invented students, through the same doors as every other write. A studio
 * that has students is left alone.
 *
 * @param demoPictureDir the folder of the rendered pictures
 * @returns how many checks were added
 */
export async function seedDemo(
  parts: StudioParts & { pictureDir: string },
  demoPictureDir: string,
): Promise<number> {
  if ((await allStudents(parts.db)).length > 0) return 0;
  const { students, pictures, checks, log } = demoStudio(demoPictureDir, parts.now(), parts.zone);
  for (const { id, jpeg } of pictures) await savePicture(parts, id, jpeg);
  for (const student of students) {
    await inTransaction(parts.db, (trx) => putStudent(trx, student, parts.now().toISOString()));
  }
  for (const { id, input } of checks) await saveCheck(parts, id, input);
  for (const entry of log) await saveEntry(parts, entry.id, entry);
  return checks.length;
}
