import { halved, type Picture } from './picture';
import { PictureLevels, sampleRegion } from './sampleRegion';

/** A picture whose red grows by one for every px to the right and whose green grows downward. */
function ramp(width: number, height: number): Picture {
  const data = new Uint8Array(width * height * 4);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) data.set([x, y, 7, 255], (y * width + x) * 4);
  }
  return { width, height, data };
}

describe('sampleRegion', () => {
  const levels = new PictureLevels(ramp(200, 200));

  it('gives the pixels themselves where the square is as large as what is wanted', () => {
    const out = sampleRegion(levels, { x: 50, y: 60, size: 20, angle: 0 }, 20);
    // The first pixel of the square is the picture's pixel (40, 50).
    expect(out[0]! * 255).toBeCloseTo(40, 4);
    expect(out[1]! * 255).toBeCloseTo(50, 4);
    expect(out[2]! * 255).toBeCloseTo(7, 4);
    expect(out[(19 * 20 + 19) * 3]! * 255).toBeCloseTo(59, 4);
  });

  it('turns with the square', () => {
    const out = sampleRegion(levels, { x: 50, y: 60, size: 20, angle: Math.PI / 2 }, 20);
    // The square's first row runs down the picture's right side.
    expect(out[0]! * 255).toBeCloseTo(59, 3);
    expect(out[1]! * 255).toBeCloseTo(50, 3);
    expect(out[19 * 3 + 1]! * 255).toBeCloseTo(69, 3);
  });

  it('is turned over, left for right, where that is asked for', () => {
    const square = { x: 50, y: 60, size: 20, angle: 0.3 };
    const [plain, mirrored] = [false, true].map((over) => sampleRegion(levels, square, 20, over));
    for (const [row, column] of [
      [0, 0],
      [7, 3],
      [19, 12],
    ] as const) {
      for (let c = 0; c < 3; c += 1) {
        const [at, over] = [row * 20 + column, row * 20 + 19 - column];
        expect(mirrored![over * 3 + c]).toBeCloseTo(plain![at * 3 + c]!, 6);
      }
    }
  });

  it('is black outside the picture', () => {
    const out = sampleRegion(levels, { x: -50, y: -50, size: 20, angle: 0 }, 4);
    expect([...out].every((value) => value === 0)).toBe(true);
  });

  it('takes means where many pixels fall into one', () => {
    // Stripes of one pixel would alias; their mean is half way.
    const picture = ramp(128, 128);
    for (let i = 0; i < picture.data.length; i += 4) picture.data[i] = (i / 4) % 2 ? 255 : 0;
    const out = sampleRegion(new PictureLevels(picture), { x: 64, y: 64, size: 128, angle: 0 }, 16);
    for (let i = 0; i < out.length; i += 3) expect(out[i]!).toBeCloseTo(0.5, 1);
  });
});

describe('halved', () => {
  it('is the mean of four, rounded, without what is left over at the edge', () => {
    const picture = ramp(5, 4);
    const half = halved(picture);
    expect([half.width, half.height]).toEqual([2, 2]);
    // Columns 0 and 1 have the mean 0.5, which is rounded up.
    expect([...half.data.slice(0, 4)]).toEqual([1, 1, 7, 255]);
  });
});
