import { v7 as uuidv7 } from 'uuid';
import type { PaperCard } from '@open-palm/contract';
import { DRILLS } from '@open-palm/core/practice';
import { SKINS } from '@open-palm/core/portrait/skins';
import { openPaperStudio, pagesOf } from '../testing/paperStudio';
import { pdfColor, pdfPaint } from '../testing/pdfPaint';
import { pdfText } from '../testing/pdfText';

let studio: Awaited<ReturnType<typeof openPaperStudio>>;
beforeAll(async () => {
  studio = await openPaperStudio();
});
afterAll(() => studio.close());

/** The largest card that a plan makes: ten drills over a fortnight. */
const card = (more: Partial<PaperCard> = {}): PaperCard => ({
  paper: 'A4',
  studentId: studio.studentId,
  setupId: studio.setupId,
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

const post = (body: PaperCard) => studio.post('/api/cards/pdf', body);
const print = (body: PaperCard) => studio.print('/api/cards/pdf', body);

describe('a practice card on paper', () => {
  it.each([
    ['A4', 595.28, 841.89],
    ['LETTER', 612, 792],
  ] as const)('is one page of %s with every drill, however many', async (paper, width, height) => {
    const pdf = await print(card({ paper }));
    const raw = pdf.toString('latin1');
    expect(raw).toContain(`/MediaBox [0 0 ${width} ${height}]`);
    expect(pagesOf(pdf)).toBe(1);
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
