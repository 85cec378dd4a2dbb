import { halved, type Picture } from './picture';
import type { Region } from './region';

/** A picture with its halves, made when they are first wanted. */
export class PictureLevels {
  private readonly levels: Picture[];

  constructor(picture: Picture) {
    this.levels = [picture];
  }

  get picture(): Picture {
    return this.levels[0]!;
  }

  /**
   * The smallest of the halves that still has at least as many pixels as wanted.
   *
   * @param shrink how many px of the picture one wanted pixel covers
   */
  forShrink(shrink: number): Picture {
    const wanted = Math.max(0, Math.floor(Math.log2(Math.max(shrink, 1))));
    while (this.levels.length <= wanted) {
      const last = this.levels.at(-1)!;
      if (last.width < 4 || last.height < 4) break;
      this.levels.push(halved(last));
    }
    return this.levels[Math.min(wanted, this.levels.length - 1)]!;
  }
}

/**
 * What a model is shown: a square of a picture as red, green, blue from 0 to 1, row by row, between pixels by weight;
 * outside the picture black.
 *
 * @param side pixels on either side
 * @param mirrored turned over, left for right
 * @returns side × side × 3 numbers
 */
export function sampleRegion(
  levels: PictureLevels,
  region: Region,
  side: number,
  mirrored = false,
): Float32Array {
  const picture = levels.forShrink(region.size / side);
  const scale = picture.width / levels.picture.width;
  const cos = (Math.cos(region.angle) * region.size * scale) / side;
  const sin = (Math.sin(region.angle) * region.size * scale) / side;
  const out = new Float32Array(side * side * 3);
  for (let row = 0; row < side; row += 1) {
    const v = row + 0.5 - side / 2;
    for (let column = 0; column < side; column += 1) {
      const u = (mirrored ? -1 : 1) * (column + 0.5 - side / 2);
      const x = region.x * scale + cos * u - sin * v - 0.5;
      const y = region.y * scale + sin * u + cos * v - 0.5;
      readBetween(picture, x, y, out, (row * side + column) * 3);
    }
  }
  return out;
}

/** Writes the colour at a place between four pixels, weighted by nearness. */
function readBetween(
  { width, height, data }: Picture,
  x: number,
  y: number,
  out: Float32Array,
  at: number,
): void {
  const left = Math.floor(x);
  const top = Math.floor(y);
  const fx = x - left;
  const fy = y - top;
  for (let corner = 0; corner < 4; corner += 1) {
    const px = left + (corner & 1);
    const py = top + (corner >> 1);
    if (px < 0 || py < 0 || px >= width || py >= height) continue;
    const weight = (corner & 1 ? fx : 1 - fx) * (corner >> 1 ? fy : 1 - fy);
    const from = (py * width + px) * 4;
    for (let c = 0; c < 3; c += 1) out[at + c]! += (weight * data[from + c]!) / 255;
  }
}
