import { v7 as uuidv7 } from 'uuid';
import type { PaperTerm } from '@open-palm/contract';
import { FAMILIES } from '@open-palm/core/measure';
import { NOTHING_MEASURED } from '@open-palm/core/pose';
import { SKINS } from '@open-palm/core/portrait/skins';
import { openPaperStudio, pagesOf } from '../testing/paperStudio';
import { pdfColor, pdfPaint } from '../testing/pdfPaint';
import { pdfText } from '../testing/pdfText';

let studio: Awaited<ReturnType<typeof openPaperStudio>>;
beforeAll(async () => {
  studio = await openPaperStudio();
});
afterAll(() => studio.close());

const each = <T>(of: (family: (typeof FAMILIES)[number]) => T) =>
  Object.fromEntries(FAMILIES.map((family) => [family, of(family)])) as Record<
    (typeof FAMILIES)[number],
    T
  >;
const bent = (deg: number) =>
  ({
    ...NOTHING_MEASURED,
    measures: { thumbIpFlexion: deg },
  }) as NonNullable<PaperTerm['hands']>['then'];

const WORDS: PaperTerm['words'] = {
  title: 'Tam’s bow hand',
  opening: 'This is how the hand has changed.',
  families: each((family) => `How ${family} went.`),
  changed: ['No longer: the thumb is straight.', 'Less than at first: the index lies deep.'],
  worked: ['Let the string carry the bow.'],
  practised: null,
  help: 'Ask to be shown it.',
};

const page = (more: Partial<PaperTerm> = {}): PaperTerm => ({
  paper: 'A4',
  studentId: studio.studentId,
  setupId: studio.setupId,
  view: 'thumbSide',
  words: WORDS,
  heads: {
    dates: '1 September to 30 November 2026',
    then: 'At first',
    now: 'Now',
    dashed: 'Dashed: not seen.',
    families: each((family) => `The ${family}`),
    chart: 'Each mark is a look.',
    changed: 'What changed',
    worked: 'What worked',
    practised: 'At home',
    help: 'How to help',
    caution: 'Nothing here should hurt.',
  },
  charts: each(() =>
    Array.from({ length: 30 }, (_, i) => ({
      at: i / 29,
      value: (i - 15) / 5,
      sd: 1,
      state: (['out', 'unsure', 'in'] as const)[Math.floor(i / 10)]!,
    })),
  ),
  hands: { then: bent(-10), now: bent(40) },
  ...more,
});

const post = (body: PaperTerm) => studio.post('/api/terms/pdf', body);
const print = (body: PaperTerm) => studio.print('/api/terms/pdf', body);

describe('a term on a page', () => {
  it.each([
    ['A4', 595.28, 841.89],
    ['LETTER', 612, 792],
  ] as const)(
    'is one page of %s with hands, charts and every line',
    async (paper, width, height) => {
      const pdf = await print(page({ paper }));
      expect(pdf.toString('latin1')).toContain(`/MediaBox [0 0 ${width} ${height}]`);
      expect(pagesOf(pdf)).toBe(1);
      const text = pdfText(pdf).replace(/\s+/g, ' ');
      for (const line of [...WORDS.changed, ...Object.values(WORDS.families), WORDS.help]) {
        expect(text).toContain(line);
      }
      expect(text).toContain('At first');
      // Nothing is told of practice unless it was chosen.
      expect(text).not.toContain('At home');
    },
  );

  it('shows two hands of this student that differ, in their tone', async () => {
    const paint = pdfPaint(await print(page())).join('\n');
    expect(paint).toContain(pdfColor(SKINS.umber.fill));
    expect(paint).not.toContain(pdfColor(SKINS.clay.fill));
    const same = pdfPaint(await print(page({ hands: { then: bent(40), now: bent(40) } }))).join(
      '\n',
    );
    expect(same).not.toBe(paint);
    const none = pdfPaint(await print(page({ view: null }))).join('\n');
    expect(none).not.toContain(pdfColor(SKINS.umber.fill));
  });

  it('has a chart only where looks tell of a family, and words where it is written', async () => {
    const { thumb } = page().charts;
    const words = { ...WORDS, families: { thumb: 'The thumb alone.' }, practised: 'On 12 days.' };
    const text = pdfText(await print(page({ charts: { thumb }, words }))).replace(/\s+/g, ' ');
    expect(text).toContain('The thumb alone.');
    expect(text).not.toContain('The wrist');
    expect(text).toContain('At home On 12 days.');
  });

  it('loses nothing of long words: they go on on another page', async () => {
    const long = 'a word that is long enough to fill the line and more of it than that '
      .repeat(4)
      .trim();
    const lines = Array.from({ length: 10 }, (_, i) => `${i}: ${long}`);
    const words = { ...WORDS, changed: lines, worked: lines };
    const pdf = await print(page({ words }));
    expect(pagesOf(pdf)).toBe(2);
    expect(pdfText(pdf).match(/9: a word/g)).toHaveLength(2);
    expect(pdfText(pdf)).toContain('Nothing here should hurt.');
  });

  it('is refused with words: a student who is not here, a page without a heading, too many lines', async () => {
    expect((await post(page({ studentId: uuidv7() }))).status).toBe(404);
    const untitled = await post(page({ words: { ...WORDS, title: '  ' } }));
    expect(untitled.status).toBe(400);
    expect(JSON.stringify(untitled.body)).toContain('title');
    const many = await post(
      page({ words: { ...WORDS, changed: Array(11).fill('one') as string[] } }),
    );
    expect(many.status).toBe(400);
    expect(JSON.stringify(many.body)).toContain('changed');
  });
});
