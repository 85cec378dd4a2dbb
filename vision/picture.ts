/** A picture as its pixels: red, green, blue and opacity, a byte each, row by row from the top left. */
export interface Picture {
  width: number;
  height: number;
  data: Uint8Array | Uint8ClampedArray;
}

/** A place in a picture, px, y down. */
export interface Place {
  x: number;
  y: number;
}

/**
 * Half the size: every pixel is the mean of four. A row or column left over at the edge is dropped.
 *
 * @param picture at least 2 px on either side
 */
export function halved({ width, height, data }: Picture): Picture {
  const w = width >> 1;
  const h = height >> 1;
  const out = new Uint8Array(w * h * 4);
  const row = width * 4;
  for (let y = 0; y < h; y += 1) {
    for (let x = 0; x < w; x += 1) {
      const from = y * 2 * row + x * 8;
      const to = (y * w + x) * 4;
      for (let c = 0; c < 4; c += 1) {
        const sum =
          data[from + c]! + data[from + 4 + c]! + data[from + row + c]! + data[from + row + 4 + c]!;
        out[to + c] = (sum + 2) >> 2;
      }
    }
  }
  return { width: w, height: h, data: out };
}
