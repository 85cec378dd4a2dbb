import { cpSync, existsSync, mkdirSync, writeFileSync } from 'node:fs';
import disk from 'node:fs/promises';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { openTestStudio } from '../testing/testStudio';
import { freshStudent } from '../testing/examples';
import { finishRestore, restoreBackup } from './restoreBackup';
import { contentOf, freshFolder, namesIn } from './testing/studioContent';
import { writeBackup } from './writeBackup';

/** How many more changes of the disk are done before the power fails. */
let left = Infinity;
const real = { rename: disk.rename, rm: disk.rm, mkdir: disk.mkdir };

beforeAll(() => {
  for (const name of ['rename', 'rm', 'mkdir'] as const) {
    const work = real[name] as (...args: unknown[]) => Promise<never>;
    jest.spyOn(disk, name).mockImplementation(((...args: unknown[]) => {
      left -= 1;
      return left < 0 ? Promise.reject(new Error('the power failed')) : work(...args);
    }) as never);
  }
});
afterAll(() => jest.restoreAllMocks());

const NOW = new Date('2026-03-02T10:00:00.000Z');

async function studioOf(name: string): Promise<string> {
  const folder = freshFolder();
  const studio = await openTestStudio({ folder, removes: false });
  await studio.put(`/api/students/${uuidv7()}`, freshStudent({ name }));
  await studio.close();
  mkdirSync(join(folder, 'pictures'), { recursive: true });
  writeFileSync(join(folder, 'pictures', `${name}.jpg`), name);
  return folder;
}

it('brings a restore to its end, or leaves the studio as it was, wherever it was cut off', async () => {
  left = Infinity;
  const other = await studioOf('Other');
  const file = join(freshFolder(), 'other.zip');
  await writeBackup({ dataDir: other, to: file, madeAt: NOW.toISOString(), build: 'b' });
  const here = await studioOf('Present');
  const present = contentOf(here);
  const outcomes: string[] = [];
  for (let cut = 0; ; cut += 1) {
    const folder = freshFolder();
    cpSync(here, folder, { recursive: true });
    left = cut;
    const isDone = await restoreBackup({ dataDir: folder, file, now: NOW }).then(
      () => true,
      () => false,
    );
    left = Infinity;
    // The next start.
    await finishRestore(folder);
    const { students } = contentOf(folder) as { students: { name: string }[] };
    outcomes.push(students[0]!.name);
    if (students[0]!.name === 'Present') expect(contentOf(folder)).toEqual(present);
    else {
      const aside = join(folder, 'set-aside', 'before-restore-2026-03-02T10-00-00-000Z');
      expect(contentOf(aside)).toEqual(present);
    }
    expect(namesIn(folder).filter((name) => /^restore/.test(name))).toEqual([]);
    if (isDone) break;
  }
  expect(existsSync(file)).toBe(true);
  // First it is as it was, from one moment on it is the other.
  expect(outcomes.join(' ')).toMatch(/^(Present )+Other( Other)+$/);
});
