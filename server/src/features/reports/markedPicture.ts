import sharp from 'sharp';
import { BONES } from '@open-palm/core/hand';
import type { MarkedCapture } from './repo';

const WIDTH_PX = 1000;
const LINES: readonly (readonly [string, string])[] = [
  ...BONES,
  ['forearm', 'wrist'],
  ['stickHandEnd', 'stickTipEnd'],
  ['frogFront', 'frogBack'],
];

/** A picture with its marks and the lines between them drawn in, as a JPEG of this size. */
export async function markedPicture(
  jpeg: Buffer,
  capture: MarkedCapture,
): Promise<{ jpeg: Buffer; width: number; height: number }> {
  const scale = WIDTH_PX / capture.width;
  const height = Math.round(capture.height * scale);
  const at = (name: string) => {
    const point = capture.points[name];
    return point && { x: (point.x * scale).toFixed(1), y: (point.y * scale).toFixed(1) };
  };
  const lines = LINES.flatMap(([from, to]) => {
    const [a, b] = [at(from), at(to)];
    return a && b ? [`x1="${a.x}" y1="${a.y}" x2="${b.x}" y2="${b.y}"`] : [];
  });
  const marks = Object.keys(capture.points).map((name) => at(name)!);
  const drawing = `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH_PX}" height="${height}">
    ${lines.map((ends) => `<line ${ends} stroke="#FFFDF8" stroke-width="5"/>`).join('')}
    ${lines.map((ends) => `<line ${ends} stroke="#0F766E" stroke-width="2.5"/>`).join('')}
    ${marks.map(({ x, y }) => `<circle cx="${x}" cy="${y}" r="7" fill="#B4690E" stroke="#FFFDF8" stroke-width="2.5"/>`).join('')}
  </svg>`;
  const drawn = await sharp(jpeg)
    .resize(WIDTH_PX, height, { fit: 'fill' })
    .composite([{ input: Buffer.from(drawing) }])
    .jpeg({ quality: 82 })
    .toBuffer();
  return { jpeg: drawn, width: WIDTH_PX, height };
}
