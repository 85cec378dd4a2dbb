import type { PaperCard } from '@open-palm/contract';
import type { DrawnCard } from './drawCard';
import { openPdf, PDF_INKS } from './openPdf';
import { paintHand } from './paintHand';

const MARGIN = 34;
const { ink: INK, second: SECOND, line: LINE } = PDF_INKS;
const GAP = 14;
/** Widths of drawings, pt: of the wanted hold, and beside a drill. */
const WANTED = 92;
const SIZES = {
  few: { figure: 76, text: 9.5, name: 11 },
  many: { figure: 52, text: 8.4, name: 10 },
};
/** From so many drills on they are drawn smaller, so that one page holds them. */
const MANY = 7;
const BOX = 8;

/**
 * A practice card as a PDF of one page: the wanted hold, every drill with its drawing, and boxes to be ticked.
 *
 * @param fontDir where the app's two faces lie; without them the PDF's own sans-serif stands in
 */
export async function cardPdf(
  card: PaperCard,
  drawn: DrawnCard,
  fontDir: string | undefined,
): Promise<Buffer> {
  const { doc, finished } = await openPdf({
    title: card.title,
    paper: card.paper,
    margin: MARGIN,
    fontDir,
  });
  const width = doc.page.width - 2 * MARGIN;

  doc.font('display').fontSize(18).fillColor(INK).text(card.title, MARGIN, MARGIN);
  doc.font('text').fontSize(10.5).fillColor(SECOND).text(card.until);
  const top = doc.y + 6;
  let low = top;
  drawn.wanted.forEach((paths, i) => {
    const x = MARGIN + i * (WANTED + GAP);
    paintHand(doc, paths, drawn, { x, y: top, width: WANTED });
    low = Math.max(low, top + (WANTED * paths.height) / paths.width);
  });
  const besideX = MARGIN + drawn.wanted.length * (WANTED + GAP);
  doc
    .fontSize(10.5)
    .fillColor(INK)
    .text(card.lookHelp, besideX, top + 8, { width: MARGIN + width - besideX });

  low = drillList(doc, card, drawn, Math.max(low, doc.y) + 10);
  low = tickTable(doc, card, low + 6);
  doc.font('text').fontSize(9.5).fillColor(SECOND);
  let y = low + 8;
  for (const note of card.notes) {
    doc.text(note, MARGIN, y, { width });
    y = doc.y + 3;
  }
  doc.end();
  return finished;
}

/** The drills in two columns. Gives where they end. */
function drillList(
  doc: PDFKit.PDFDocument,
  { drills }: PaperCard,
  drawn: DrawnCard,
  top: number,
): number {
  const size = drills.length < MANY ? SIZES.few : SIZES.many;
  const each = (doc.page.width - 2 * MARGIN - GAP) / 2;
  const ends = [top, top];
  drills.forEach(({ drill, name, dose, text, wrong }) => {
    const column = ends[0]! <= ends[1]! ? 0 : 1;
    const [x, y] = [MARGIN + column * (each + GAP), ends[column]!];
    doc
      .moveTo(x, y)
      .lineTo(x + each, y)
      .lineWidth(0.5)
      .stroke(LINE);
    const figure = drawn.drills.get(drill);
    let under = y;
    if (figure) {
      const { paths } = figure;
      paintHand(doc, paths, drawn, { x, y: y + 5, width: size.figure }, figure);
      under = y + 5 + (size.figure * paths.height) / paths.width;
    }
    const [textX, textWidth] = [x + size.figure + 8, each - size.figure - 8];
    doc
      .font('display')
      .fontSize(11)
      .fillColor(INK)
      .text(name, textX, y + 5, { width: textWidth });
    doc.font('text').fontSize(size.text).fillColor(INK).text(dose, { width: textWidth });
    doc.text(text, { width: textWidth });
    doc.fillColor(SECOND).text(wrong, { width: textWidth });
    ends[column] = Math.max(under, doc.y) + 6;
  });
  return Math.max(...ends);
}

/** A row for each drill, a column for each day, a box for each turn. Gives where it ends. */
function tickTable(
  doc: PDFKit.PDFDocument,
  { tick, days, drills }: PaperCard,
  top: number,
): number {
  const width = doc.page.width - 2 * MARGIN;
  const most = Math.max(1, ...drills.flatMap(({ boxes }) => boxes));
  const nameWidth = Math.min(150, width * 0.3);
  const dayWidth = (width - nameWidth) / Math.max(1, days.length);
  // Many days make boxes smaller, never the table wider.
  const box = Math.min(BOX, (dayWidth - 4) / most - 2);
  doc.font('text').fontSize(10).fillColor(INK).text(tick, MARGIN, top, { width });
  let y = doc.y + 3;
  doc.fontSize(Math.min(9, dayWidth / 3.2)).fillColor(SECOND);
  days.forEach((day, i) =>
    doc.text(day, MARGIN + nameWidth + i * dayWidth + 2, y, { width: dayWidth, lineBreak: false }),
  );
  y += 14;
  for (const { name, boxes } of drills) {
    doc
      .moveTo(MARGIN, y)
      .lineTo(MARGIN + width, y)
      .lineWidth(0.5)
      .stroke(LINE);
    doc
      .fontSize(9)
      .fillColor(INK)
      .text(name, MARGIN, y + 4, { width: nameWidth - 6 });
    const below = Math.max(doc.y, y + 14);
    boxes.forEach((count, i) => {
      for (let n = 0; n < count; n += 1) {
        const x = MARGIN + nameWidth + i * dayWidth + 2 + n * (box + 2);
        doc
          .rect(x, y + 4, box, box)
          .lineWidth(0.8)
          .stroke(SECOND);
      }
    });
    y = below + 3;
  }
  return y;
}
