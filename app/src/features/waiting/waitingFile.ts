import { z } from 'zod';
import { KINDS, type Entry } from '../../foundation/api/sync/entry';
import { base64Of } from './entryFile';

const FORMAT = 'open-palm-waiting';

const pictureSchema = z.object({ id: z.uuid(), type: z.string().max(80), base64: z.base64() });

/** All that waits on a device as one file: another address of the same studio takes it over as it is. */
const waitingFileSchema = z.object({
  format: z.literal(FORMAT),
  entries: z.array(
    z
      .object({
        id: z.uuid(),
        kind: z.enum(KINDS),
        studentName: z.string(),
        edit: z.uuid(),
        after: z.array(z.string()),
        basedOn: z.number().int(),
        studio: z.string().nullable(),
        author: z.string().nullable(),
        madeBy: z.string(),
        at: z.string(),
        body: z.record(z.string(), z.unknown()),
        pictures: z.array(pictureSchema),
      })
      .loose(),
  ),
});

/** All that waits, with its pictures, as a file. */
export async function waitingFile(entries: readonly Entry[]): Promise<Blob> {
  const content = await Promise.all(
    entries.map(async (entry) => ({
      ...entry,
      pictures: await Promise.all(
        entry.pictures.map(async ({ id, blob }) => ({
          id,
          type: blob.type,
          base64: await base64Of(blob),
        })),
      ),
    })),
  );
  return new Blob([JSON.stringify({ format: FORMAT, entries: content }, null, 2)], {
    type: 'application/json',
  });
}

/** What such a file holds; null where it is none. What is in it keeps its ids, so that taking it over twice sends it once. */
export function readWaitingFile(text: string): Entry[] | null {
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    return null;
  }
  const read = waitingFileSchema.safeParse(content);
  if (!read.success) return null;
  return read.data.entries.map(
    (entry) =>
      ({
        ...entry,
        pictures: entry.pictures.map(({ id, type, base64 }) => ({
          id,
          blob: blobOf(base64, type),
        })),
        tries: 0,
        notBefore: 0,
      }) as unknown as Entry,
  );
}

function blobOf(base64: string, type: string): Blob {
  const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
  return new Blob([bytes], { type });
}
