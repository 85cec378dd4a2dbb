import { v7 as uuidv7 } from 'uuid';
import { HEADERS, type PaperCard } from '@open-palm/contract';
import { DRILLS } from '@open-palm/core/practice';
import { SKINS } from '@open-palm/core/portrait/skins';
import { freshStudent } from '../testing/examples';
import { pdfColor, pdfPaint } from '../testing/pdfPaint';
import { pdfText } from '../testing/pdfText';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
const studentId = uuidv7();
const student = freshStudent({ skinTone: 'umber' });
const setupId = student.setups[0]!.id;
beforeAll(async () => {
  studio = await openTestStudio();
  await studio.put(`/api/students/${studentId}`, student);
});
afterAll(() => studio.close());

/** The largest card that a plan makes: ten drills over a fortnight. */
const card = (more: Partial<PaperCard> = {}): PaperCard => ({
  paper: 'A4',
  studentId,
  setupId,
  title: 'Practice for Tam',
  until: 'Until your lesson on Thursday 3 December.',
  lookHelp: 'This is how it should look. Look before the first note, and after the last.',
  tick: 'Tick a box for every turn',
  drills: DRILLS.slice(1, 11).map(({ id }) => ({
    drill: id,
    name: `The drill ${id}`,
    dose: '2 × 1 min',
    text: 'Let the other hand hold the bow. Take it at once, loosely, turned toward the index. Five times.',
    wrong: 'Watch out: Catching it with a grip.',
    boxes: Array.from({ length: 14 }, (_, day) => (day % 7 === 6 ? 0 : 2)),
  })),
  days: Array.from({ length: 14 }, (_, day) => `Mo ${day + 1}`),
  notes: ['Nothing here should hurt.', 'For parents: praise one thing.'],
  ...more,
});

const post = (body: PaperCard) =>
  studio.ask('/api/cards/pdf', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', [HEADERS.build]: BUILD, Origin: studio.url },
    body: JSON.stringify(body),
  });

const print = async (body: PaperCard) => {
  const answer = await post(body);
  expect(answer.headers.get('content-type')).toBe('application/pdf');
  return Buffer.from(answer.body as unknown as ArrayBuffer);
};

describe('a practice card on paper', () => {
  it.each([
    ['A4', 595.28, 841.89],
    ['LETTER', 612, 792],
  ] as const)('is one page of %s with every drill, however many', async (paper, width, height) => {
    const pdf = await print(card({ paper }));
    const raw = pdf.toString('latin1');
    expect(raw).toContain(`/MediaBox [0 0 ${width} ${height}]`);
    expect(raw.match(/\/Type \/Page\b/g)).toHaveLength(1);
    const text = pdfText(pdf);
    for (const { name } of card().drills) expect(text.replace(/\s+/g, ' ')).toContain(name);
    expect(text).toContain('For parents');
  });

  it('is drawn in the tone of the student’s hand', async () => {
    const paint = pdfPaint(await print(card())).join('\n');
    expect(paint).toContain(pdfColor(SKINS.umber.fill));
    expect(paint).not.toContain(pdfColor(SKINS.clay.fill));
  });

  it('is refused with words for a student who is not here, and for a drill that is none', async () => {
    const nobody = await post(card({ studentId: uuidv7() }));
    expect(nobody.status).toBe(404);
    const [drill] = card().drills;
    const odd = card({ drills: [{ ...drill!, drill: 'juggling' }] });
    const refused = await post(odd);
    expect(refused.status).toBe(400);
    expect(JSON.stringify(refused.body)).toContain('juggling');
  });
});
