import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import PostalMime from 'postal-mime';
import { v7 as uuidv7 } from 'uuid';
import { reportSchema, type ReportInput } from '@open-palm/contract';
import { exampleCheck, studentWithPicture } from '../../testing/examples';
import { SKINS } from '@open-palm/core/portrait/skins';
import { pdfColor, pdfPaint } from '../../testing/pdfPaint';
import { pdfText } from '../../testing/pdfText';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
let checkId: string;
beforeAll(async () => {
  studio = await openTestStudio();
  checkId = uuidv7();
  const ids = await studentWithPicture(studio);
  await studio.put(`/api/checks/${checkId}`, exampleCheck(ids));
});
afterAll(() => studio.close());

const letter: ReportInput = {
  title: 'Your bow hand, 1 March',
  opening: 'Thank you for the picture.',
  points: ['Bend the thumb first.', 'Then let the index rest.', 'The elbow may float.'],
  closing: 'See you on Wednesday.',
  caution: 'With pain: stop.',
  captions: ['Finger side'],
  drawing: { seen: 'As it was seen', wanted: 'As it is wanted' },
};
const at = () => `/api/letters/${checkId}`;
/** Keeps the report as it reads above, whatever was kept before. */
const keep = async () => {
  const { version = 0 } = (await studio.get(at())).body as { version?: number };
  await studio.edit(at(), letter, version);
};

describe('a letter', () => {
  it('is kept as it reads now', async () => {
    await studio.put(at(), letter);
    await studio.edit(at(), { ...letter, points: [letter.points[1]!, letter.points[0]!] }, 1);
    const kept = reportSchema.parse((await studio.get(at())).body);
    expect(kept.points).toEqual([letter.points[1], letter.points[0]]);
    expect(kept.mailedAt).toBeNull();
  });

  it('is printed with its points in order and the marked picture, as a PDF parser reads it', async () => {
    await keep();
    const { headers, body } = await studio.get(`${at()}/pdf`);
    expect(headers.get('content-type')).toBe('application/pdf');
    const bytes = Buffer.from(body as unknown as ArrayBuffer);
    const text = pdfText(bytes);
    const places = [
      letter.title,
      ...letter.points,
      letter.closing,
      'Finger side',
      letter.caution,
    ].map((words) => text.indexOf(words));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(places[0]).toBeGreaterThanOrEqual(0);
    const raw = bytes.toString('latin1');
    expect(raw.match(/\/Subtype \/Image/g)).toHaveLength(1);
  });

  it('has the drawn hand from two sides, as it was seen and as it is wanted, only where it is asked for', async () => {
    const printed = async (drawing: ReportInput['drawing']) => {
      const { version = 0 } = (await studio.get(at())).body as { version?: number };
      await studio.edit(at(), { ...letter, drawing }, version);
      const { body } = await studio.get(`${at()}/pdf`);
      return Buffer.from(body as unknown as ArrayBuffer);
    };
    await studio.deriver.allSettled();
    const [without, drawn] = [await printed(null), await printed(letter.drawing)];
    const [words, plain] = [pdfText(drawn), pdfText(without)];
    expect(words.indexOf('As it was seen')).toBeGreaterThan(0);
    expect(words.indexOf('As it is wanted')).toBeGreaterThan(words.indexOf('As it was seen'));
    expect(plain).not.toContain('As it was seen');
    // Drawn as lines and faces, not as a picture: only the photograph is one.
    expect(drawn.toString('latin1').match(/\/Subtype \/Image/g)).toHaveLength(1);
    const brown = pdfPaint(drawn).filter((color) => color === pdfColor(SKINS.clay.fill));
    expect(brown).toHaveLength(4);
    expect(pdfPaint(without)).not.toContain(pdfColor(SKINS.clay.fill));
  });

  it('goes to the outbox folder as a mail that a mail parser reads, with the PDF', async () => {
    await keep();
    const { body } = await studio.put(`${at()}/mail`, { to: 'parent@example.org' });
    expect(body).toEqual({ file: join('outbox', `${checkId}.eml`) });
    const mail = await PostalMime.parse(readFileSync(join(studio.outboxDir, `${checkId}.eml`)));
    expect(mail.to).toMatchObject([{ address: 'parent@example.org' }]);
    expect(mail.subject).toBe(letter.title);
    expect(mail.text).toContain('2. Then let the index rest.');
    expect(mail.attachments).toMatchObject([{ mimeType: 'application/pdf' }]);
    expect((await studio.get(at())).body).toMatchObject({ mailedAt: '2026-03-02T10:00:00.000Z' });
  });

  it('refuses what cannot be sent, and says where', async () => {
    const refused = async (path: string, content: object) => (await studio.put(path, content)).body;
    expect(await refused(at(), { ...letter, points: [] })).toMatchObject({
      error: { where: 'points' },
    });
    expect(await refused(`${at()}/mail`, { to: 'nobody' })).toMatchObject({
      error: { where: 'to' },
    });
    expect(await refused(`/api/letters/${uuidv7()}`, letter)).toMatchObject({
      error: { code: 'notFound' },
    });
    expect((await studio.get(`/api/letters/${uuidv7()}/pdf`)).status).toBe(404);
  });
});
