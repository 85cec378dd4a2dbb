import type { PaperTerm } from '@open-palm/contract';
import { FAMILIES } from '@open-palm/core/measure';
import { termChart } from '@open-palm/records/term';
import type { DrawnTerm } from './drawTerm';
import { openPdf, PDF_INKS } from './openPdf';
import { paintHand } from './paintHand';

const MARGIN = 44;
const GAP = 18;
/** How large everything is, pt: the largest that keeps it on one page is taken. */
const SIZES = [
  { hand: 230, chart: 0.95, text: 11.5, list: 11 },
  { hand: 200, chart: 0.75, text: 11, list: 10.5 },
  { hand: 180, chart: 0.66, text: 10.5, list: 10 },
  { hand: 160, chart: 0.55, text: 10, list: 9.5 },
] as const;
type Size = (typeof SIZES)[number];
const { ink: INK, second: SECOND, line: LINE, amber: AMBER } = PDF_INKS;
/** As on the app's light screens: a colour beside a shape, never instead of it. */
const STATES = { in: '#0F766E', unsure: '#8A6100', out: '#A8321A', none: SECOND };

/**
 * A term on a page: then and now, the four families' weeks, what changed and what worked, in the teacher's words. Long words take a second page.
 *
 * @param fontDir where the app's two faces lie; without them the PDF's own sans-serif stands in
 */
export async function termPdf(
  page: PaperTerm,
  drawn: DrawnTerm,
  fontDir: string | undefined,
): Promise<Buffer> {
  for (const size of SIZES) {
    const { pdf, pages } = await typeset(page, drawn, fontDir, size);
    if (pages === 1) return pdf;
  }
  return (await typeset(page, drawn, fontDir, SIZES[0])).pdf;
}

async function typeset(
  page: PaperTerm,
  drawn: DrawnTerm,
  fontDir: string | undefined,
  size: Size,
): Promise<{ pdf: Buffer; pages: number }> {
  const { words, heads } = page;
  const { doc, finished } = await openPdf({
    title: words.title,
    paper: page.paper,
    margin: MARGIN,
    fontDir,
  });
  let pages = 1;
  doc.on('pageAdded', () => (pages += 1));
  const width = doc.page.width - 2 * MARGIN;
  doc.font('display').fontSize(20).fillColor(INK).text(words.title, MARGIN, MARGIN, { width });
  doc.font('text').fontSize(10.5).fillColor(SECOND).text(heads.dates, { width });
  if (words.opening !== '') {
    doc
      .moveDown(0.5)
      .fontSize(size.text)
      .fillColor(INK)
      .text(words.opening, { width, lineGap: 1.5 });
  }
  doc.moveDown(0.6);
  hands(doc, page, drawn, size);
  charts(doc, page, size);
  list(doc, size, heads.changed, words.changed);
  list(
    doc,
    size,
    heads.worked,
    words.worked.map((cue) => `“${cue}”`),
  );
  list(doc, size, heads.practised, words.practised === null ? [] : [words.practised]);
  if (words.help !== '') help(doc, size, heads.help, words.help);
  doc.moveDown(0.8);
  doc.font('text').fontSize(9.5).fillColor(SECOND).text(heads.caution, MARGIN, doc.y, { width });
  doc.end();
  return { pdf: await finished, pages };
}

/** So much goes onto the same page, or begins the next one. */
function room(doc: PDFKit.PDFDocument, height: number): void {
  if (doc.y + height > doc.page.height - MARGIN) doc.addPage();
}

function hands(doc: PDFKit.PDFDocument, { heads }: PaperTerm, drawn: DrawnTerm, size: Size): void {
  if (!drawn.hands) return;
  const width = doc.page.width - 2 * MARGIN;
  const each = Math.min(size.hand, (width - GAP) / 2);
  const left = MARGIN + (width - 2 * each - GAP) / 2;
  const top = doc.y;
  let low = top;
  (['then', 'now'] as const).forEach((end, i) => {
    const paths = drawn.hands![end];
    const x = left + i * (each + GAP);
    const tall = (each * paths.height) / paths.width;
    paintHand(doc, paths, drawn, { x, y: top, width: each });
    doc
      .font('text')
      .fontSize(10.5)
      .fillColor(INK)
      .text(heads[end], x, top + tall + 3, { width: each, align: 'center' });
    low = Math.max(low, doc.y);
  });
  doc.fontSize(9).fillColor(SECOND).text(heads.dashed, MARGIN, low, { width, align: 'center' });
  doc.moveDown(0.6);
}

/** The four families' weeks, two beside each other. */
function charts(
  doc: PDFKit.PDFDocument,
  { words, heads, charts: all }: PaperTerm,
  size: Size,
): void {
  const width = doc.page.width - 2 * MARGIN;
  const each = (width - GAP) / 2;
  const shown = FAMILIES.filter((family) => words.families[family] !== undefined);
  if (shown.length === 0) return;
  for (let i = 0; i < shown.length; i += 2) {
    room(doc, 110);
    const top = doc.y;
    let low = top;
    shown.slice(i, i + 2).forEach((family, column) => {
      const x = MARGIN + column * (each + GAP);
      doc
        .font('display')
        .fontSize(11.5)
        .fillColor(INK)
        .text(heads.families[family], x, top, { width: each });
      const points = all[family] ?? [];
      if (points.length > 0) {
        const chart = termChart(points);
        const scale = Math.min(size.chart, each / chart.width);
        doc
          .save()
          .translate(x, doc.y + 2)
          .scale(scale);
        doc.path(chart.band).fillOpacity(0.14).fill(STATES.in).fillOpacity(1);
        doc.path(chart.edge).lineWidth(1).stroke(STATES.in);
        if (chart.whiskers !== '') doc.path(chart.whiskers).lineWidth(0.8).stroke(SECOND);
        for (const [state, path] of Object.entries(chart.marks)) {
          if (path === '') continue;
          const color = STATES[state as keyof typeof STATES];
          const isRing = state === 'unsure' || state === 'none';
          doc
            .path(path)
            .lineWidth(1.2)
            .fillAndStroke(isRing ? '#FFFFFF' : color, color);
        }
        if (chart.halves !== '') doc.path(chart.halves).fill(STATES.unsure);
        doc.restore();
        doc.y += chart.height * scale + 5;
      }
      doc
        .font('text')
        .fontSize(size.list)
        .fillColor(INK)
        .text(words.families[family]!, x, doc.y, { width: each });
      low = Math.max(low, doc.y);
    });
    doc.x = MARGIN;
    doc.y = low + 6;
  }
  doc.font('text').fontSize(9).fillColor(SECOND).text(heads.chart, MARGIN, doc.y, { width });
  doc.moveDown(0.5);
}

/** A heading with its lines; nothing where there is none. */
function list(
  doc: PDFKit.PDFDocument,
  size: Size,
  heading: string,
  lines: readonly string[],
): void {
  if (lines.length === 0) return;
  const width = doc.page.width - 2 * MARGIN;
  room(doc, 44);
  doc.moveDown(0.3);
  doc.font('display').fontSize(12.5).fillColor(INK).text(heading, MARGIN, doc.y, { width });
  for (const line of lines) {
    room(doc, 16);
    const top = doc.y + 2;
    doc.circle(MARGIN + 4, top + 6, 1.6).fill(AMBER);
    doc
      .font('text')
      .fontSize(size.list)
      .fillColor(INK)
      .text(line, MARGIN + 13, top, { width: width - 13 });
  }
  doc.x = MARGIN;
}

function help(doc: PDFKit.PDFDocument, size: Size, heading: string, text: string): void {
  const width = doc.page.width - 2 * MARGIN;
  doc.moveDown(0.6);
  doc.font('text').fontSize(size.text);
  const tall = doc.heightOfString(text, { width: width - 24 }) + 34;
  room(doc, tall);
  const top = doc.y;
  doc.roundedRect(MARGIN, top, width, tall, 8).lineWidth(0.8).stroke(LINE);
  doc
    .font('display')
    .fontSize(11.5)
    .fillColor(AMBER)
    .text(heading, MARGIN + 12, top + 8, { width: width - 24 });
  doc
    .font('text')
    .fontSize(11.5)
    .fillColor(INK)
    .text(text, { width: width - 24 });
  doc.x = MARGIN;
  doc.y = top + tall;
}
