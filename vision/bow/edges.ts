import type { Picture } from '../picture';

/** Lightness of every pixel of a picture, of 255. */
export interface Lightness {
  width: number;
  height: number;
  values: Float32Array;
}

/** The places of a picture where lightness changes, each with how strongly and in which direction. */
export interface Edges {
  count: number;
  x: Float32Array;
  y: Float32Array;
  /** Unit vector toward the lighter side. */
  towardX: Float32Array;
  towardY: Float32Array;
  /** Change of lightness a pixel, of 255, capped: a glaring edge says no more than a clear one. */
  strength: Float32Array;
}

/** Least and most change a pixel that tells of an edge, of 255. [memory] */
const LEAST = 5;
const MOST = 30;

/** How light every pixel is to the eye (ITU-R BT.601). */
export function lightnessOf({ width, height, data }: Picture): Lightness {
  const values = new Float32Array(width * height);
  for (let i = 0, k = 0; i < values.length; i += 1, k += 4) {
    values[i] = 0.299 * data[k]! + 0.587 * data[k + 1]! + 0.114 * data[k + 2]!;
  }
  return { width, height, values };
}

/** The edges of a picture, as Sobel's two masks see them, only where they are steepest across themselves. */
export function edgesOf({ width, height, values }: Lightness): Edges {
  const gx = new Float32Array(values.length);
  const gy = new Float32Array(values.length);
  const size = new Float32Array(values.length);
  for (let y = 1; y < height - 1; y += 1) {
    for (let i = y * width + 1; i < (y + 1) * width - 1; i += 1) {
      const falling = values[i + width + 1]! - values[i - width - 1]!;
      const rising = values[i - width + 1]! - values[i + width - 1]!;
      const x = (falling + rising + 2 * (values[i + 1]! - values[i - 1]!)) / 8;
      const down = (falling - rising + 2 * (values[i + width]! - values[i - width]!)) / 8;
      gx[i] = x;
      gy[i] = down;
      size[i] = Math.sqrt(x * x + down * down);
    }
  }
  const found: number[] = [];
  for (let y = 2; y < height - 2; y += 1) {
    for (let i = y * width + 2; i < (y + 1) * width - 2; i += 1) {
      const here = size[i]!;
      if (here < LEAST) continue;
      const step = Math.abs(gx[i]!) > Math.abs(gy[i]!) ? 1 : width;
      if (here >= size[i - step]! && here > size[i + step]!) found.push(i);
    }
  }
  const edges = noEdges(found.length);
  for (let k = 0; k < found.length; k += 1) {
    const i = found[k]!;
    edges.x[k] = i % width;
    edges.y[k] = Math.floor(i / width);
    edges.towardX[k] = gx[i]! / size[i]!;
    edges.towardY[k] = gy[i]! / size[i]!;
    edges.strength[k] = Math.min(MOST, size[i]!);
  }
  return edges;
}

/** Those of the edges that are named, in that order. */
export function someOf(edges: Edges, which: readonly number[]): Edges {
  const some = noEdges(which.length);
  for (const name of ['x', 'y', 'towardX', 'towardY', 'strength'] as const) {
    for (let k = 0; k < which.length; k += 1) some[name][k] = edges[name][which[k]!]!;
  }
  return some;
}

const noEdges = (count: number): Edges => ({
  count,
  x: new Float32Array(count),
  y: new Float32Array(count),
  towardX: new Float32Array(count),
  towardY: new Float32Array(count),
  strength: new Float32Array(count),
});
