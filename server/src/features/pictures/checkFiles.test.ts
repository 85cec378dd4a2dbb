import { existsSync, mkdtempSync, readdirSync, statSync, unlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { examplePicture } from '../../testing/examples';
import { NOW, openTestStudio, type TestStudio } from '../../testing/testStudio';
import { checkFiles } from './checkFiles';

let studio: TestStudio;
let aside: string;
beforeEach(async () => {
  studio = await openTestStudio();
  aside = join(mkdtempSync(join(tmpdir(), 'aside-')), 'set-aside');
});
afterEach(() => studio.close());

const fileOf = (id: string) => join(studio.pictureDir, `${id}.jpg`);
const check = () => checkFiles(studio.db, studio.pictureDir, aside, NOW);
const kept = async () => {
  const id = uuidv7();
  const bytes = await examplePicture();
  await studio.putBytes(`/api/pictures/${id}`, bytes);
  return { id, bytes };
};

describe('files and what the studio knows of them', () => {
  it('are never deleted at a start: what the database does not know is set aside and told', async () => {
    const { id } = await kept();
    const other = uuidv7();
    writeFileSync(fileOf(other), 'a photograph of another database');
    writeFileSync(`${fileOf(uuidv7())}.3141`, 'half a picture');
    const folder = join(aside, '2026-03-02');
    expect(await check()).toEqual({ setAside: { files: 2, folder }, missing: 0 });
    expect(readdirSync(studio.pictureDir)).toEqual([`${id}.jpg`]);
    expect(readdirSync(folder)).toHaveLength(2);
    // The same name once more on the same day stays beside the first.
    writeFileSync(fileOf(other), 'another one');
    await check();
    expect(readdirSync(folder)).toHaveLength(3);
    expect(await check()).toEqual({ setAside: null, missing: 0 });
  });

  it('that are gone or cut short are marked, told of, and can be sent again while the rest goes on', async () => {
    const [gone, short, whole] = [await kept(), await kept(), await kept()];
    unlinkSync(fileOf(gone.id));
    writeFileSync(fileOf(short.id), 'x');
    expect(await check()).toEqual({ setAside: null, missing: 2 });
    expect((await studio.get('/api/studio')).body).toMatchObject({ missingPictures: 2 });
    expect((await studio.get(`/api/pictures/${gone.id}`)).body).toMatchObject({
      error: { code: 'missingFile' },
    });
    expect((await studio.get(`/api/pictures/${whole.id}`)).status).toBe(200);
    const back = await studio.putBytes(`/api/pictures/${gone.id}`, gone.bytes);
    expect(back.status).toBe(200);
    expect((await studio.get(`/api/pictures/${gone.id}`)).status).toBe(200);
    expect((await studio.get('/api/studio')).body).toMatchObject({ missingPictures: 1 });
    // Other bytes do not take a lost picture's place.
    const other = await examplePicture(80, 80);
    expect((await studio.putBytes(`/api/pictures/${short.id}`, other)).status).toBe(409);
  });

  it('are found gone when they are asked for, not only at a start', async () => {
    const { id } = await kept();
    unlinkSync(fileOf(id));
    expect((await studio.get(`/api/pictures/${id}`)).status).toBe(404);
    expect((await studio.get('/api/studio')).body).toMatchObject({ missingPictures: 1 });
  });

  it('are readable by their owner alone', async () => {
    const { id } = await kept();
    expect(statSync(fileOf(id)).mode & 0o777).toBe(0o600);
    expect(statSync(studio.pictureDir).mode & 0o777).toBe(0o700);
  });
});

describe('a picture that would take too much memory', () => {
  const blank = (side: number) =>
    sharp({ create: { width: side, height: side, channels: 3, background: '#fff' } });

  it.each([
    [
      'of 144 megapixels',
      () => blank(12_000).png().toBuffer(),
      /144 megapixels, more than the 120/,
    ],
    [
      'of 36, unpacked whole',
      () => blank(6000).png({ progressive: true }).toBuffer(),
      /36 megapixels, more than the 24/,
    ],
  ])('%s is refused by its head, in words', async (_what, make, words) => {
    const id = uuidv7();
    const answer = await studio.putBytes(`/api/pictures/${id}`, await make());
    expect(answer).toMatchObject({
      status: 413,
      body: { error: { code: 'tooManyPixels', message: expect.stringMatching(words) } },
    });
    expect(existsSync(fileOf(id))).toBe(false);
  });
});
