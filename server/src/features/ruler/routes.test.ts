import { RULER_PAGE_MM } from '@open-palm/core/ruler';
import { pdfText } from '../../testing/pdfText';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

const page = async (paper: string) => {
  const answer = await studio.get(`/api/ruler/page.pdf?paper=${paper}`);
  expect(answer.headers.get('content-type')).toBe('application/pdf');
  return Buffer.from(answer.body as unknown as ArrayBuffer);
};

it.each([
  ['A4', 595.28, 841.89],
  ['LETTER', 612, 792],
  ['anything', 595.28, 841.89],
])('is printed on %s, with every cross named', async (paper, width, height) => {
  const pdf = await page(paper);
  expect(pdf.toString('latin1')).toContain(`/MediaBox [0 0 ${width} ${height}]`);
  const text = pdfText(pdf);
  for (const name of ['A1', 'A2', 'A3', 'B1', 'C2', 'D3', 'E1']) expect(text).toContain(name);
  // All of it is on the paper, with a margin that printers leave.
  expect((RULER_PAGE_MM.height * 72) / 25.4).toBeLessThan(height - 100);
});
