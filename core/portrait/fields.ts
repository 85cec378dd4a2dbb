import { DOTS_A_CELL, type Buffer } from './raster';
import type { Field } from './trace';

/** An empty field over a buffer. */
export function fieldOver({ width, height, dotMm, paddingMm }: Buffer): Field {
  const [across, down] = [width / DOTS_A_CELL, height / DOTS_A_CELL];
  return {
    width: across,
    height: down,
    values: new Float64Array(across * down),
    cellMm: dotMm * DOTS_A_CELL,
    paddingMm,
  };
}

/** How much of each cell is covered: the share of its dots that are marked. */
export function covered(buffer: Buffer, marked: Uint8Array): Field {
  const field = fieldOver(buffer);
  const { width, height } = buffer;
  const share = 1 / DOTS_A_CELL ** 2;
  for (let y = 0, dot = 0; y < height; y += 1) {
    const row = (y >> 1) * field.width;
    for (let x = 0; x < width; x += 1, dot += 1) {
      if (marked[dot] !== 0) field.values[row + (x >> 1)]! += share;
    }
  }
  return field;
}

/** How far what lies behind grows darker, a mm, from how far behind the nearest on. [memory] */
const AIR = { perMm: 0.0028, fromMm: 75 };
/** Over how many cells to each side light is mixed, so that tones end in calm lines. */
const SOFT_CELLS = 2;

/** How light the hand is in each cell, what lies far behind darker; −1 where there is no hand. */
export function lightField(buffer: Buffer): Field {
  const field = fieldOver(buffer);
  const { width, part, near, light } = buffer;
  let nearest = 0;
  for (let i = 0; i < near.length; i += 1) if (near[i]! > nearest) nearest = near[i]!;
  const from = 1 / nearest + AIR.fromMm;
  const raw = new Float64Array(field.values.length).fill(-1);
  for (let y = 0, cell = 0; y < field.height; y += 1) {
    for (let x = 0; x < field.width; x += 1, cell += 1) {
      const dot = DOTS_A_CELL * (y * width + x);
      if (part[dot] === 0) continue;
      const behind = Math.max(0, 1 / near[dot]! - from);
      raw[cell] = Math.max(0, light[dot]! - AIR.perMm * behind);
    }
  }
  const across = mixed(raw, 1);
  field.values.set(mixed(across, field.width));
  return field;
}

/** Over how far to each side the edge of a part is mixed, mm, so that it does not go along the skin's triangles. [memory] */
const EDGE_MM = 3;

/** How much of each cell belongs to a part of the hand, its edge calm where it meets the rest of the hand and sharp where the hand ends. */
export function softPart(buffer: Buffer, marked: Uint8Array): Field {
  const field = covered(buffer, marked);
  const hand = covered(buffer, buffer.part).values;
  const raw = field.values.map((value, i) => (hand[i]! > 0 ? value / hand[i]! : -1));
  const cells = Math.round(EDGE_MM / field.cellMm);
  const soft = mixed(mixed(raw, 1, cells), field.width, cells);
  field.values.set(soft.map((value, i) => (value < 0 ? 0 : value * hand[i]!)));
  return field;
}

function mixed(from: Float64Array, step: number, cells = SOFT_CELLS): Float64Array {
  const to = new Float64Array(from.length).fill(-1);
  for (let i = 0; i < from.length; i += 1) {
    if (from[i]! < 0) continue;
    let [sum, count] = [0, 0];
    for (let k = -cells; k <= cells; k += 1) {
      const value = from[i + k * step];
      if (value === undefined || value < 0) continue;
      sum += value;
      count += 1;
    }
    to[i] = sum / count;
  }
  return to;
}
