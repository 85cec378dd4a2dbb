import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { studentWithPicture } from './testing/examples';
import { openTestStudio, type TestStudio } from './testing/testStudio';

let studio: TestStudio;
beforeAll(async () => {
  const webDir = mkdtempSync(join(tmpdir(), 'web-'));
  mkdirSync(join(webDir, '_expo'));
  writeFileSync(join(webDir, 'index.html'), '<title>Open Palm</title>');
  writeFileSync(join(webDir, '_expo/entry-0123.js'), 'start()');
  mkdirSync(join(webDir, 'vision/0123456789abcdef'), { recursive: true });
  writeFileSync(join(webDir, 'vision/files.json'), '{}');
  writeFileSync(join(webDir, 'vision/0123456789abcdef/palm.tflite'), 'model');
  studio = await openTestStudio({ webDir });
});
afterAll(() => studio.close());

const textOf = async (path: string) => {
  const { body, status, headers } = await studio.get(path);
  return { status, text: Buffer.from(body as unknown as ArrayBuffer).toString(), headers };
};

describe('createApp', () => {
  it('gives the page for the address of any screen, fresh each time', async () => {
    for (const path of ['/', '/students', '/students/abc/check']) {
      const { status, text, headers } = await textOf(path);
      expect([status, text]).toEqual([200, '<title>Open Palm</title>']);
      expect(headers.get('cache-control')).toBe('no-cache');
    }
  });

  it('lets hashed files be kept for good, and knows a missing file', async () => {
    const { text, headers } = await textOf('/_expo/entry-0123.js');
    expect(text).toBe('start()');
    expect(headers.get('cache-control')).toMatch(/immutable/);
    expect((await studio.get('/_expo/gone.js')).status).toBe(404);
  });

  it('lets the hand finder’s files be kept for good, but not the list of them', async () => {
    const model = await studio.get('/vision/0123456789abcdef/palm.tflite');
    expect(model.headers.get('cache-control')).toMatch(/immutable/);
    const list = await studio.get('/vision/files.json');
    expect(list.headers.get('cache-control')).toBe('no-cache');
  });

  it('packs what it answers on the way, for whoever can unpack it', async () => {
    for (let i = 0; i < 3; i++) await studentWithPicture(studio);
    const asked = (encoding: string) =>
      fetch(`${studio.url}/api/students`, { headers: { 'Accept-Encoding': encoding } });
    const [packed, plain] = [await asked('br'), await asked('identity')];
    expect(packed.headers.get('content-encoding')).toBe('br');
    expect(plain.headers.get('content-encoding')).toBeNull();
    expect(await packed.text()).toBe(await plain.text());
  });

  it('answers an unknown address of the API as an error, not as a page', async () => {
    const { status, body } = await studio.get('/api/nothing');
    expect(status).toBe(404);
    expect(body).toMatchObject({ error: { code: 'notFound', where: '/api/nothing' } });
  });

  it('refuses a page from elsewhere that points its own name at this machine', async () => {
    const status = await new Promise((resolve, reject) => {
      request(`${studio.url}/api/students`, { headers: { Host: 'elsewhere.test' } }, (response) => {
        response.resume();
        resolve(response.statusCode);
      })
        .on('error', reject)
        .end();
    });
    expect(status).toBe(403);
  });
});
