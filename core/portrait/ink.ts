import { partOfDigit } from './handSurface';
import type { Buffer } from './raster';

/** How much nearer one dot must be than its neighbour for a line between them, mm. [memory] */
const JUMP_MM = 2.2;
/** Two fingers that touch are parted from less on, or where one is that much lighter. [memory] */
const TOUCHING = { jumpMm: 0.4, light: 0.12 };
/** From here on the line is as thick as it gets, mm. [memory] */
const FAR_JUMP_MM = 14;
/** Half the width of a line, mm. [memory] */
const INK_MM = { thin: 0.2, thick: 0.42 };

// The buffer's parts are one more than the surface's.
const [FIRST_DIGIT, LAST_DIGIT] = [partOfDigit('thumb') + 1, partOfDigit('little') + 1];
const isDigit = (part: number) => part >= FIRST_DIGIT && part <= LAST_DIGIT;

/** Dots on a line inside the hand: where what is near ends before what is farther, and between two fingers that touch. */
export function inkDots(buffer: Buffer): Uint8Array {
  const { width, height, part, near, light, dotMm } = buffer;
  const ink = new Uint8Array(width * height);
  const distance = (i: number) => 1 / near[i]!;
  /** How far the surface falls from a dot to the next; 0 for no line. */
  const fall = (a: number, b: number, step: number): number => {
    const [p, q] = [part[a]!, part[b]!];
    if (p === 0 || q === 0) return 0;
    const [here, there] = [near[a]!, near[b]!];
    // Most neighbours are no line: without a division.
    if (p === q && Math.abs(here - there) < JUMP_MM * here * there) return 0;
    const jump = Math.abs(distance(b) - distance(a));
    const isTwoDigits = p !== q && isDigit(p) && isDigit(q);
    if (jump < (isTwoDigits ? TOUCHING.jumpMm : JUMP_MM)) {
      // Where the web joins two fingers the skin goes on evenly.
      return isTwoDigits && Math.abs(light[a]! - light[b]!) > TOUCHING.light ? JUMP_MM : 0;
    }
    // A surface that is seen at a slant falls as steeply before and after.
    const before = part[a - step] ? Math.abs(distance(a) - distance(a - step)) : 0;
    const after = part[b + step] ? Math.abs(distance(b + step) - distance(b)) : 0;
    const beyond = jump - Math.max(before, after);
    if (beyond > JUMP_MM) return jump;
    return isTwoDigits && beyond > TOUCHING.jumpMm ? JUMP_MM : 0;
  };
  for (let y = 1; y + 2 < height; y += 1) {
    for (let x = 1; x + 2 < width; x += 1) {
      const i = y * width + x;
      if (part[i] === 0) continue;
      const most = Math.max(fall(i, i + 1, 1), fall(i, i + width, width));
      if (most === 0) continue;
      const share = Math.min(1, most / FAR_JUMP_MM);
      blot(ink, buffer, x, y, (INK_MM.thin + share * (INK_MM.thick - INK_MM.thin)) / dotMm);
    }
  }
  return ink;
}

function blot(
  ink: Uint8Array,
  { width, height }: Buffer,
  x: number,
  y: number,
  radius: number,
): void {
  const reach = Math.ceil(radius);
  const most = (radius + 0.3) ** 2;
  for (let dy = -reach; dy <= reach; dy += 1) {
    for (let dx = -reach; dx <= reach; dx += 1) {
      const [px, py] = [x + dx, y + dy];
      if (px < 0 || py < 0 || px >= width || py >= height) continue;
      if (dx * dx + dy * dy <= most) ink[py * width + px] = 1;
    }
  }
}
