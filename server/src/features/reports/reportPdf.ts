import type { Report } from '@open-palm/contract';
import type { PortraitPaths } from '@open-palm/core/portrait';
import type { DrawnHands } from './drawnHands';
import { openPdf, PDF_INKS } from '../../paper/openPdf';
import { paintHand } from '../../paper/paintHand';

const MARGIN = 56;
const TALLEST_PICTURE = 320;
const { ink: INK, second: SECOND, amber: AMBER } = PDF_INKS;

/** A picture of a report with the line under it. */
export interface ReportPicture {
  jpeg: Buffer;
  width: number;
  height: number;
  caption: string;
}

/**
 * A report as a PDF (A4): heading, points in order, the marked pictures, the caution.
 *
 * @param hands the drawn hands, where the report has lines for them
 * @param fontDir where the app's two faces lie; without them the PDF's own sans-serif stands in
 */
export async function reportPdf(
  letter: Report,
  pictures: readonly ReportPicture[],
  fontDir: string | undefined,
  hands: DrawnHands | null = null,
): Promise<Buffer> {
  const { doc, finished } = await openPdf({
    title: letter.title,
    paper: 'A4',
    margin: MARGIN,
    fontDir,
  });
  const width = doc.page.width - 2 * MARGIN;

  doc.font('display').fontSize(22).fillColor(INK).text(letter.title);
  paragraph(doc, letter.opening);
  letter.points.forEach((point, i) => {
    doc.moveDown(0.7);
    const top = doc.y;
    doc
      .font('display')
      .fontSize(16)
      .fillColor(AMBER)
      .text(`${i + 1}.`, MARGIN, top, { width: 24 });
    doc
      .font('text')
      .fontSize(12.5)
      .fillColor(INK)
      .text(point, MARGIN + 28, top + 2, { width: width - 28, lineGap: 2 });
    doc.x = MARGIN;
  });
  doc.moveDown(0.4);
  paragraph(doc, letter.closing);
  if (hands && letter.drawing) {
    row(doc, hands.seen, hands, letter.drawing.seen);
    row(doc, hands.wanted, hands, letter.drawing.wanted);
  }
  for (const { jpeg, caption, ...image } of pictures) {
    const shown = Math.min((width * image.height) / image.width, TALLEST_PICTURE);
    if (doc.y + shown + 40 > doc.page.height - MARGIN) doc.addPage();
    doc.moveDown(0.8);
    doc.image(jpeg, MARGIN, doc.y, { fit: [width, shown], align: 'center' });
    doc.y += shown + 4;
    doc.font('text').fontSize(10).fillColor(SECOND).text(caption, MARGIN, doc.y, { width });
  }
  if (letter.caution !== '') {
    doc.moveDown(1);
    doc.font('text').fontSize(10).fillColor(SECOND).text(letter.caution, MARGIN, doc.y, { width });
  }
  doc.end();
  return finished;
}

const GAP = 12;

/** Drawings of one hand beside each other, with the line under them. */
function row(
  doc: PDFKit.PDFDocument,
  drawings: readonly PortraitPaths[],
  whose: Pick<DrawnHands, 'side' | 'skinTone'>,
  caption: string,
): void {
  const width = doc.page.width - 2 * MARGIN;
  const each = (width - GAP * (drawings.length - 1)) / drawings.length;
  const tall = Math.max(...drawings.map((one) => (each * one.height) / one.width));
  if (doc.y + tall + 40 > doc.page.height - MARGIN) doc.addPage();
  doc.moveDown(0.8);
  const top = doc.y;
  drawings.forEach((drawing, i) =>
    paintHand(doc, drawing, whose, { x: MARGIN + i * (each + GAP), y: top, width: each }),
  );
  doc.y = top + tall + 4;
  doc.font('text').fontSize(10).fillColor(SECOND).text(caption, MARGIN, doc.y, { width });
}

function paragraph(doc: PDFKit.PDFDocument, text: string): void {
  if (text === '') return;
  doc.moveDown(0.6);
  doc.font('text').fontSize(12.5).fillColor(INK).text(text, { lineGap: 2 });
}
