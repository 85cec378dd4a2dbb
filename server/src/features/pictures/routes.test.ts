import { existsSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { examplePicture } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

const fileOf = (id: string) => join(studio.pictureDir, `${id}.jpg`);

async function kept(bytes: Buffer) {
  const id = uuidv7();
  const answer = await studio.putBytes(`/api/pictures/${id}`, bytes);
  const back = await studio.get(`/api/pictures/${id}`);
  return {
    id,
    answer,
    back: Buffer.from(back.body as unknown as ArrayBuffer),
    type: back.headers.get('content-type'),
  };
}

describe('pictures', () => {
  it('come back upright, as JPEG, without any metadata', async () => {
    const picture = await examplePicture(60, 40);
    expect((await sharp(picture).metadata()).exif).toBeDefined();
    const { answer, back, type, id } = await kept(picture);
    expect(answer.body).toEqual({ id, width: 40, height: 60 });
    expect(type).toBe('image/jpeg');
    const metadata = await sharp(back).metadata();
    expect(metadata).toMatchObject({ format: 'jpeg', width: 40, height: 60 });
    expect([metadata.exif, metadata.xmp, metadata.iptc, metadata.orientation]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });

  it('are brought to 2,000 px on the long side, and never enlarged', async () => {
    const large = await sharp({
      create: { width: 3000, height: 1500, channels: 3, background: '#888' },
    })
      .webp()
      .toBuffer();
    expect((await kept(large)).answer.body).toMatchObject({ width: 2000, height: 1000 });
    const small = await sharp({
      create: { width: 20, height: 20, channels: 4, background: '#888' },
    })
      .png()
      .toBuffer();
    expect((await kept(small)).answer.body).toMatchObject({ width: 20, height: 20 });
  });

  it('are kept once when sent twice, and refused when the id belongs to another', async () => {
    const picture = await examplePicture();
    const { id, answer } = await kept(picture);
    expect((await studio.putBytes(`/api/pictures/${id}`, picture)).body).toEqual(answer.body);
    const other = await studio.putBytes(`/api/pictures/${id}`, await examplePicture(80, 80));
    expect(other.status).toBe(409);
  });

  it.each([
    ['a text file named .jpg', () => Buffer.from('not a picture'), 415, 'unsupportedPicture'],
    [
      'a drawing in SVG',
      () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      415,
      'unsupportedPicture',
    ],
    ['an empty file', () => Buffer.alloc(0), 415, 'unsupportedPicture'],
    [
      'a truncated JPEG',
      async () => {
        const noise = Buffer.from(Array.from({ length: 90_000 }, (_v, i) => (i * 7919) % 251));
        const whole = await sharp(noise, { raw: { width: 300, height: 100, channels: 3 } })
          .jpeg()
          .toBuffer();
        return whole.subarray(0, whole.length / 2);
      },
      422,
      'damagedPicture',
    ],
    ['a file of 30 MB', () => Buffer.alloc(30 * 1024 * 1024, 1), 413, 'tooLarge'],
  ])('refuse %s with a clear sentence, and keep nothing', async (_what, make, status, code) => {
    const id = uuidv7();
    const answer = await studio.putBytes(`/api/pictures/${id}`, await make());
    expect(answer.status).toBe(status);
    expect(answer.body).toMatchObject({ error: { code, where: 'picture' } });
    expect((await studio.get(`/api/pictures/${id}`)).status).toBe(404);
    expect(existsSync(fileOf(id))).toBe(false);
  });
});
