import type { Buffer } from './raster';

/** How far beyond the bow's edge what lies before it is told, mm: the bow ends there anyway. */
const OVERLAP_MM = 1;

/** Dots of the hand that lie before the bow, and a little beyond the bow's edge. */
export function dotsBefore(hand: Buffer, bow: Float32Array): Uint8Array {
  const { width, height, dotMm } = hand;
  const wide = widened(bow, width, height, Math.round(OVERLAP_MM / dotMm));
  const before = new Uint8Array(bow.length);
  for (let i = 0; i < bow.length; i += 1) {
    if (wide[i]! > 0 && hand.near[i]! > wide[i]!) before[i] = 1;
  }
  return before;
}

/** The largest value within so many dots across and down. */
function widened(values: Float32Array, width: number, height: number, reach: number): Float32Array {
  const across = new Float32Array(values.length);
  for (let i = 0; i < values.length; i += 1) {
    if (values[i] === 0) continue;
    for (let j = Math.max(0, i - reach); j <= Math.min(values.length - 1, i + reach); j += 1) {
      if (values[i]! > across[j]!) across[j] = values[i]!;
    }
  }
  const out = new Float32Array(values.length);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const value = across[y * width + x]!;
      if (value === 0) continue;
      for (let k = Math.max(0, y - reach); k <= Math.min(height - 1, y + reach); k += 1) {
        if (value > out[k * width + x]!) out[k * width + x] = value;
      }
    }
  }
  return out;
}
