/** A surface of triangles made finer: each new place is a weighted mean of old ones. */
export interface Stencils {
  /** Of each new place its first entry; one more at the end. */
  first: Int32Array;
  from: Int32Array;
  weight: Float64Array;
  triangles: Int32Array;
}

/**
 * One round of Loop's subdivision [published: C. Loop, Smooth Subdivision Surfaces Based on Triangles, 1987; recalled]: every triangle
 * becomes four, corners round. Weights do not depend on where the places are, so they are worked out once for all poses.
 *
 * @param triangles three places each; edges with one triangle are a border and keep to themselves
 */
export function loopStencils(places: number, triangles: ArrayLike<number>): Stencils {
  const edges = new Map<number, { a: number; b: number; opposite: number[]; at: number }>();
  const around = Array.from({ length: places }, () => new Set<number>());
  const border = Array.from({ length: places }, () => [] as number[]);
  const keyOf = (a: number, b: number) => Math.min(a, b) * places + Math.max(a, b);
  for (let t = 0; t < triangles.length; t += 3) {
    for (let k = 0; k < 3; k += 1) {
      const [a, b, c] = [0, 1, 2].map((i) => triangles[t + ((k + i) % 3)]!) as [
        number,
        number,
        number,
      ];
      const edge = edges.get(keyOf(a, b));
      if (edge) edge.opposite.push(c);
      else edges.set(keyOf(a, b), { a, b, opposite: [c], at: places + edges.size });
      around[a]!.add(b);
      around[b]!.add(a);
    }
  }
  for (const { a, b, opposite } of edges.values()) {
    if (opposite.length === 1) {
      border[a]!.push(b);
      border[b]!.push(a);
    }
  }
  const rows: (readonly (readonly [number, number])[])[] = [];
  for (let v = 0; v < places; v += 1) {
    const ends = border[v]!;
    if (ends.length > 0) {
      rows.push([[v, 0.75] as const, ...ends.map((w) => [w, 0.25 / ends.length] as const)]);
      continue;
    }
    const count = around[v]!.size;
    const beta = (5 / 8 - (3 / 8 + Math.cos((2 * Math.PI) / count) / 4) ** 2) / count;
    rows.push([[v, 1 - count * beta] as const, ...[...around[v]!].map((w) => [w, beta] as const)]);
  }
  for (const { a, b, opposite } of edges.values()) {
    const [c, d] = opposite;
    rows.push(
      d === undefined
        ? [
            [a, 0.5],
            [b, 0.5],
          ]
        : [
            [a, 0.375],
            [b, 0.375],
            [c!, 0.125],
            [d, 0.125],
          ],
    );
  }
  const first = new Int32Array(rows.length + 1);
  rows.forEach((row, i) => (first[i + 1] = first[i]! + row.length));
  const finer: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    const [ab, bc, ca] = [
      edges.get(keyOf(a, b))!.at,
      edges.get(keyOf(b, c))!.at,
      edges.get(keyOf(c, a))!.at,
    ];
    finer.push(a, ab, ca, ab, b, bc, ca, bc, c, ab, bc, ca);
  }
  return {
    first,
    from: Int32Array.from(rows.flatMap((row) => row.map(([v]) => v))),
    weight: Float64Array.from(rows.flatMap((row) => row.map(([, w]) => w))),
    triangles: Int32Array.from(finer),
  };
}

/** The finer places, x, y, z each. */
export function refine({ first, from, weight }: Stencils, places: Float64Array): Float64Array {
  const out = new Float64Array(3 * (first.length - 1));
  for (let v = 0; v + 1 < first.length; v += 1) {
    let [x, y, z] = [0, 0, 0];
    for (let k = first[v]!; k < first[v + 1]!; k += 1) {
      const [at, w] = [3 * from[k]!, weight[k]!];
      x += w * places[at]!;
      y += w * places[at + 1]!;
      z += w * places[at + 2]!;
    }
    out[3 * v] = x;
    out[3 * v + 1] = y;
    out[3 * v + 2] = z;
  }
  return out;
}
