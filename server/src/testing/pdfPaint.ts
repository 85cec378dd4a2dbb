import { inflateSync } from 'node:zlib';

/** The colours in which a PDF fills shapes, in order, as it writes them. */
export function pdfPaint(pdf: Buffer): string[] {
  const text = pdf.toString('latin1');
  return [...text.matchAll(/\/FlateDecode[^>]*>>\s*stream\r?\n([\s\S]*?)endstream/g)].flatMap(
    ([, packed]) => {
      const drawn = inflateSync(Buffer.from(packed!, 'latin1')).toString('latin1');
      return [...drawn.matchAll(/([\d.]+ [\d.]+ [\d.]+) scn/g)].map(([, color]) => color!);
    },
  );
}

/** A colour as a PDF writes it. */
export const pdfColor = (hex: string): string =>
  [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255).join(' ');
