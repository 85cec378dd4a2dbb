import { randomBytes } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { buffer } from 'node:stream/consumers';
import { fromBuffer, type Entry, type ZipFile } from 'yauzl';
import { exampleCheck, exampleNote, freshStudent } from '../../testing/examples';
import type { TestStudio } from '../../testing/testStudio';
import writes from '../../testing/before/writes.json';

/** A student with one of everything, under a name that is nowhere else. */
export interface RichStudent {
  id: string;
  name: string;
  setupId: string;
  checkId: string;
  pictureId: string;
  relaxedPictureId: string;
  takeId: string;
  /** The letter's words, which are nowhere else. */
  words: string;
}

const noise = (): Promise<Buffer> =>
  sharp(randomBytes(60 * 60 * 3), { raw: { width: 60, height: 60, channels: 3 } })
    .jpeg()
    .toBuffer();

/** A seat in a group, in two versions of it, and a walk that came past. */
async function playsInGroup(
  studio: TestStudio,
  { studentId, setupId }: { studentId: string; setupId: string },
): Promise<void> {
  const groupId = uuidv7();
  const group = (place: number) => ({
    name: 'Strings',
    meets: null,
    layout: 'rows',
    members: { [studentId]: { setupId, seat: { row: 0, place } } },
  });
  await ok(studio.put(`/api/groups/${groupId}`, group(0)));
  await ok(studio.edit(`/api/groups/${groupId}`, group(1), 1));
  const [day, at] = ['2026-02-25', '2026-02-25T14:35:00.000Z'];
  const mark = { id: uuidv7(), at, studentId, setupId, kind: 'absent' };
  const walk = { groupId, day, fromMemory: false, marks: [mark] };
  await ok(studio.put(`/api/walks/${uuidv7()}`, walk));
}

export async function richStudent(studio: TestStudio, name: string): Promise<RichStudent> {
  const id = uuidv7();
  const student = freshStudent({ name });
  const setupId = student.setups[0]!.id;
  await ok(studio.put(`/api/students/${id}`, student));
  // An edit, so that what was written down before is remembered.
  await ok(studio.edit(`/api/students/${id}`, { ...student, name: `${name} the second` }, 1));
  const [pictureId, relaxedPictureId, checkId, takeId] = [uuidv7(), uuidv7(), uuidv7(), uuidv7()];
  for (const picture of [pictureId, relaxedPictureId]) {
    await ok(studio.putBytes(`/api/pictures/${picture}`, await noise()));
  }
  const of = { studentId: id, setupId };
  await ok(
    studio.put(`/api/relaxed-hands/${uuidv7()}`, {
      ...writes.relaxed,
      studentId: id,
      pictureId: relaxedPictureId,
    }),
  );
  await ok(studio.put(`/api/checks/${checkId}`, exampleCheck({ ...of, pictureId })));
  const note = exampleNote(of, { words: `${name} cuts the nails` });
  await ok(studio.put(`/api/log/${note.id}`, note));
  await ok(studio.put(`/api/takes/${takeId}`, { ...writes.take, ...of }));
  await playsInGroup(studio, of);
  await ok(studio.put(`/api/crossings/${uuidv7()}`, { ...writes.crossing, ...of }));
  const words = `Dear parents of ${name}`;
  const letter = { ...writes.letter, opening: words };
  await ok(studio.put(`/api/letters/${checkId}`, letter));
  await ok(studio.edit(`/api/letters/${checkId}`, { ...letter, closing: `${name} is well` }, 1));
  await ok(studio.put(`/api/letters/${checkId}/mail`, { to: 'parents@example.org' }));
  await studio.deriver.allSettled();
  return { id, name, setupId, checkId, pictureId, relaxedPictureId, takeId, words };
}

async function ok(answer: Promise<{ status: number; body: unknown }>): Promise<void> {
  const { status, body } = await answer;
  if (status !== 200) throw new Error(`${status} ${JSON.stringify(body)}`);
}

/** Every file of a folder, and every file in its zip files, where any of these bytes stand. */
export async function filesWith(folder: string, needles: readonly Buffer[]): Promise<string[]> {
  const found: string[] = [];
  for (const name of readdirSync(folder, { recursive: true }).map(String)) {
    const path = join(folder, name);
    if (!statSync(path).isFile()) continue;
    const bytes = readFileSync(path);
    const parts = name.endsWith('.zip') ? await unzipped(bytes) : new Map([['', bytes]]);
    for (const [inside, content] of parts) {
      if (needles.some((needle) => content.includes(needle))) found.push(`${name} ${inside}`);
    }
  }
  return found;
}

async function unzipped(bytes: Buffer): Promise<Map<string, Buffer>> {
  const zip = await promisify<Buffer, object, ZipFile>(fromBuffer)(bytes, { lazyEntries: true });
  const content = new Map<string, Buffer>();
  await new Promise<void>((resolve, reject) => {
    zip.on('error', reject).on('end', resolve);
    zip.on('entry', (entry: Entry) => {
      zip.openReadStream(entry, (error, stream) => {
        if (error) return reject(error);
        buffer(stream).then((read) => {
          content.set(entry.fileName, read);
          zip.readEntry();
        }, reject);
      });
    });
    zip.readEntry();
  });
  return content;
}

/** Pieces of a picture by which it is known wherever it lies. */
export function piecesOf(file: string): Buffer[] {
  const bytes = readFileSync(file);
  const middle = Math.floor(bytes.length / 2);
  return [bytes.subarray(middle, middle + 24), bytes.subarray(-60, -30)];
}
