import { contours } from 'd3-contour';
import simplify from 'simplify-js';

/** A field of cells with its own grid: values row by row from the top. */
export interface Field {
  width: number;
  height: number;
  values: Float64Array;
  /** Width of a cell, mm. */
  cellMm: number;
  /** How far the picture's own corner lies inside the grid, mm. */
  paddingMm: number;
}

/** How a field's outline is drawn. */
export interface Tracing {
  /** What is smaller is left out, mm². */
  leastMm2: number;
  /** By how much a line may be moved to be told with fewer places, mm. */
  toleranceMm: number;
  /** Path data are whole numbers, so many to a millimetre. */
  perMm: number;
}

type Ring = readonly (readonly [number, number])[];

/** The outline of where a field is above a threshold, as closed smooth path data. */
export function traced(
  { width, height, values, cellMm, paddingMm }: Field,
  { leastMm2, toleranceMm, perMm }: Tracing,
  threshold = 0.5,
): string {
  const [shape] = contours().size([width, height]).thresholds([threshold])(
    values as unknown as number[],
  );
  const least = leastMm2 / cellMm ** 2;
  return shape!.coordinates
    .flat()
    .map((ring) => ring.slice(0, -1) as [number, number][])
    .filter((ring) => Math.abs(areaOf(ring)) >= least)
    .map((ring) => smoothed(fewer(ring, toleranceMm / cellMm), cellMm, paddingMm, perMm))
    .join('');
}

/** Shoelace. */
function areaOf(ring: Ring): number {
  let sum = 0;
  ring.forEach(([x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length]!;
    sum += x * ny - nx * y;
  });
  return sum / 2;
}

function fewer(ring: Ring, tolerance: number): Ring {
  const places = ring.map(([x, y]) => ({ x, y }));
  // The two ends of a line stay where they are: a ring is cut at places far from each other.
  const half = places.length >> 1;
  const first = simplify(places.slice(0, half + 1), tolerance, true);
  const second = simplify([...places.slice(half), places[0]!], tolerance, true);
  return [...first, ...second.slice(1, -1)].map(({ x, y }) => [x, y] as const);
}

/** A closed line through the middles of its sides, bent toward its corners. */
function smoothed(ring: Ring, cellMm: number, paddingMm: number, perMm: number): string {
  if (ring.length < 3) return '';
  const place = (cells: number) => (cells * cellMm - paddingMm) * perMm;
  const at = ring.map(([x, y]) => [place(x), place(y)] as const);
  const middle = (i: number) => {
    const [[ax, ay], [bx, by]] = [at[i % at.length]!, at[(i + 1) % at.length]!];
    return [Math.round((ax + bx) / 2), Math.round((ay + by) / 2)] as const;
  };
  let [x, y] = middle(at.length - 1);
  let path = `M${x} ${y}`;
  at.forEach(([cx, cy], i) => {
    const [mx, my] = middle(i);
    path += `q${Math.round(cx) - x} ${Math.round(cy) - y} ${mx - x} ${my - y}`;
    [x, y] = [mx, my];
  });
  return `${path}z`;
}
