/** How many dots a cell of a traced field is wide. */
export const DOTS_A_CELL = 2;

const PADDING_MM = 3;

/** What the eye sees, dot by dot. Dots are square, rows from the top. */
export interface Buffer {
  width: number;
  height: number;
  dotMm: number;
  /** How much of the surroundings lies on each side of the picture, mm, so that outlines leave it uncut. */
  paddingMm: number;
  /** One more than what the seen triangle belongs to; 0 where nothing is. */
  part: Uint8Array;
  /** The inverse of the distance from the eye, 1/mm. */
  near: Float32Array;
  /** How light it is, 0 … 1. */
  light: Float32Array;
}

/** A buffer for a picture of this size; its sides are whole numbers of cells. */
export function emptyBuffer(widthMm: number, heightMm: number, dotMm: number): Buffer {
  const dots = (mm: number) => DOTS_A_CELL * Math.ceil((mm + 2 * PADDING_MM) / dotMm / DOTS_A_CELL);
  const [width, height] = [dots(widthMm), dots(heightMm)];
  return {
    width,
    height,
    dotMm,
    paddingMm: PADDING_MM,
    part: new Uint8Array(width * height),
    near: new Float32Array(width * height),
    light: new Float32Array(width * height),
  };
}

/** Triangles that are to be seen. */
export interface Seen {
  /** x, y in mm of the picture and nearness of each place, as `project` gives them. */
  places: Float64Array;
  triangles: ArrayLike<number>;
  parts: ArrayLike<number>;
  /** Of each place. */
  light?: Float64Array;
}

/** Draws what faces the eye into the buffer, the nearer over the farther; triangles are counter-clockwise from outside. */
export function raster(buffer: Buffer, { places, triangles, parts, light }: Seen): void {
  const { width, height, dotMm, paddingMm } = buffer;
  const dot = (mm: number) => (mm + paddingMm) / dotMm;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    const ax = dot(places[3 * a]!);
    const ay = dot(places[3 * a + 1]!);
    const bx = dot(places[3 * b]!);
    const by = dot(places[3 * b + 1]!);
    const cx = dot(places[3 * c]!);
    const cy = dot(places[3 * c + 1]!);
    // y is down, so what faces the eye turns the other way round.
    const area = (cx - ax) * (by - ay) - (bx - ax) * (cy - ay);
    if (area <= 0) continue;
    const top = Math.max(0, Math.ceil(Math.min(ay, by, cy) - 0.5));
    const bottom = Math.min(height - 1, Math.floor(Math.max(ay, by, cy) - 0.5));
    if (bottom < top) continue;
    const left = Math.max(0, Math.ceil(Math.min(ax, bx, cx) - 0.5));
    const right = Math.min(width - 1, Math.floor(Math.max(ax, bx, cx) - 0.5));
    const [na, nb, nc] = [places[3 * a + 2]!, places[3 * b + 2]!, places[3 * c + 2]!];
    const [la, lb, lc] = light ? [light[a]!, light[b]!, light[c]!] : [0, 0, 0];
    const part = parts[t / 3]! + 1;
    for (let y = top; y <= bottom; y += 1) {
      const py = y + 0.5;
      // Shares of the corners change evenly along a row.
      let wb = ((cx - ax) * (py - ay) - (left + 0.5 - ax) * (cy - ay)) / area;
      let wc = ((left + 0.5 - ax) * (by - ay) - (bx - ax) * (py - ay)) / area;
      const stepB = -(cy - ay) / area;
      const stepC = (by - ay) / area;
      for (let x = left; x <= right; x += 1, wb += stepB, wc += stepC) {
        const wa = 1 - wb - wc;
        if (wa < 0 || wb < 0 || wc < 0) continue;
        const near = wa * na + wb * nb + wc * nc;
        const i = y * width + x;
        if (near <= buffer.near[i]!) continue;
        buffer.near[i] = near;
        buffer.part[i] = part;
        buffer.light[i] = wa * la + wb * lb + wc * lc;
      }
    }
  }
}

/** How light each place of a surface is under a light from this direction (a unit vector): 0 turned away, 1 turned to it. */
export function lightOf(
  places: Float64Array,
  triangles: ArrayLike<number>,
  [lx, ly, lz]: readonly [number, number, number],
): Float64Array {
  const normals = new Float64Array(places.length);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * triangles[t]!, 3 * triangles[t + 1]!, 3 * triangles[t + 2]!];
    const [ux, uy, uz] = [
      places[b]! - places[a]!,
      places[b + 1]! - places[a + 1]!,
      places[b + 2]! - places[a + 2]!,
    ];
    const [vx, vy, vz] = [
      places[c]! - places[a]!,
      places[c + 1]! - places[a + 1]!,
      places[c + 2]! - places[a + 2]!,
    ];
    const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    for (let corner = 0; corner < 3; corner += 1) {
      const at = 3 * triangles[t + corner]!;
      normals[at]! += x;
      normals[at + 1]! += y;
      normals[at + 2]! += z;
    }
  }
  const light = new Float64Array(places.length / 3);
  for (let i = 0; i < light.length; i += 1) {
    const [x, y, z] = [normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!];
    const length = Math.sqrt(x * x + y * y + z * z) || 1;
    light[i] = 0.5 + 0.5 * ((x * lx + y * ly + z * lz) / length);
  }
  return light;
}
