import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Paper } from '@open-palm/contract';

/** Inks of what is printed: the app's own, on white. */
export const PDF_INKS = {
  ink: '#1E1B16',
  second: '#5A5247',
  amber: '#6B4308',
  line: '#B8AE9C',
};

/**
 * A PDF that is written into, and what it is once it was ended. `display` and `text` are its faces.
 *
 * @param fontDir where the app's two faces lie; without them the PDF's own sans-serif stands in
 */
export async function openPdf({
  title,
  paper,
  margin,
  fontDir,
}: {
  title: string;
  paper: Paper;
  margin: number;
  fontDir: string | undefined;
}): Promise<{ doc: PDFKit.PDFDocument; finished: Promise<Buffer> }> {
  // Only loaded once somebody prints: a studio that prints nothing need not hold it.
  const { default: PDFDocument } = await import('pdfkit');
  const doc = new PDFDocument({
    size: paper,
    margin,
    info: { Title: title, Creator: 'Open Palm' },
    lang: 'en',
    displayTitle: true,
  });
  const face = (file: string, instead: string) => {
    const path = fontDir && join(fontDir, file);
    return path && existsSync(path) ? path : instead;
  };
  doc.registerFont('display', face('display.ttf', 'Helvetica-Bold'));
  doc.registerFont('text', face('text.ttf', 'Helvetica'));
  const parts: Buffer[] = [];
  doc.on('data', (part: Buffer) => parts.push(part));
  const finished = new Promise<Buffer>((resolve, reject) => {
    doc.once('end', () => resolve(Buffer.concat(parts)));
    doc.once('error', reject);
  });
  return { doc, finished };
}
