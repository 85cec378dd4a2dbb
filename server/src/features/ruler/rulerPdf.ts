import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Paper } from '@open-palm/contract';
import {
  BAR_MM,
  RULER_FIGURES,
  RULER_ORDER,
  RULER_PAGE_MM,
  RULER_POINTS,
  type RulerPoint,
} from '@open-palm/core/ruler';
import { rulerPageWords as words } from '@open-palm/words/ruler';

const PT_PER_MM = 72 / 25.4;
const INK = '#000000';
/** Half a cross, mm: its middle is hit by its lines, not by a dot that a finger would hide. */
const CROSS_MM = 4;

/**
 * The page with the known bends and lengths, as a PDF.
 *
 * @param fontDir where the app's faces lie; without them the PDF's own sans-serif stands in
 */
export async function rulerPdf(paper: Paper, fontDir: string | undefined): Promise<Buffer> {
  // Only loaded once somebody prints it.
  const { default: PDFDocument } = await import('pdfkit');
  const doc = new PDFDocument({
    size: paper,
    margin: 0,
    info: { Title: words.title, Creator: 'Open Palm' },
    lang: 'en',
    displayTitle: true,
  });
  const parts: Buffer[] = [];
  doc.on('data', (part: Buffer) => parts.push(part));
  const finished = new Promise<Buffer>((resolve) =>
    doc.once('end', () => resolve(Buffer.concat(parts))),
  );
  const face = fontDir && join(fontDir, 'text.ttf');
  doc.font(face && existsSync(face) ? face : 'Helvetica');
  const pageMm = { width: doc.page.width / PT_PER_MM, height: doc.page.height / PT_PER_MM };
  const left = (pageMm.width - RULER_PAGE_MM.width) / 2;
  const top = pageMm.height - RULER_PAGE_MM.height - 14;
  const at = (name: RulerPoint): [number, number] => {
    const { x, y } = RULER_POINTS[name];
    return [(left + x) * PT_PER_MM, (top + y) * PT_PER_MM];
  };
  doc
    .fillColor(INK)
    .fontSize(15)
    .text(words.title, left * PT_PER_MM, 14 * PT_PER_MM);
  doc
    .fontSize(10)
    .text(words.how, left * PT_PER_MM, 22 * PT_PER_MM, { width: RULER_PAGE_MM.width * PT_PER_MM });
  doc.strokeColor(INK).lineWidth(0.6);
  for (const name of RULER_FIGURES) {
    doc
      .moveTo(...at(`${name}1`))
      .lineTo(...at(`${name}2`))
      .lineTo(...at(`${name}3`))
      .stroke();
  }
  doc
    .moveTo(...at('bar1'))
    .lineTo(...at('bar2'))
    .stroke();
  for (const name of RULER_ORDER) {
    const [x, y] = at(name);
    const arm = CROSS_MM * PT_PER_MM;
    doc.lineWidth(1.1);
    doc.moveTo(x - arm, y).lineTo(x + arm, y);
    doc
      .moveTo(x, y - arm)
      .lineTo(x, y + arm)
      .stroke();
    doc.fontSize(11).text(labelOf(name), x + 5, y + 5, { lineBreak: false });
  }
  const [barX, barY] = at('bar1');
  doc.fontSize(9).text(words.bar(BAR_MM), barX + 60, barY + 6, { lineBreak: false });
  doc.end();
  return finished;
}

/** As it stands beside the cross: A1, A2, A3; the bar's ends are 0 and 100. */
function labelOf(name: RulerPoint): string {
  if (name === 'bar1') return '0';
  return name === 'bar2' ? String(BAR_MM) : name.toUpperCase();
}
