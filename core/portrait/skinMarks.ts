import { restSkin } from '../pose/skin';
import { CREASES, NAILS, type SkinAnchor } from '../pose/rig';
import type { Buffer } from './raster';
import { CLOSE_PER_MM, project, type Sight } from './sight';

/** How far behind what is seen a mark on the skin may lie and still be seen, mm: the drawn surface is rounder than the skin. */
const SEEN_WITHIN_MM = 2.6;

interface Spot {
  x: number;
  y: number;
  seen: boolean;
}

/** Nails that are seen for the most part, as closed paths. */
export function nailPaths(skin: Float64Array, sight: Sight, buffer: Buffer): string {
  return NAILS.map((outline) => {
    const spots = spotsOf(outline, skin, sight, buffer);
    const seen = spots.filter((spot) => spot.seen);
    if (seen.length < 0.55 * spots.length) return '';
    return closed(seen);
  }).join('');
}

/** What is seen of the lines at the joints, as open paths. */
export function creasePaths(skin: Float64Array, sight: Sight, buffer: Buffer): string {
  return CREASES.map((line) => {
    let path = '';
    let run: Spot[] = [];
    const end = () => {
      if (run.length >= 3) path += open(run);
      run = [];
    };
    for (const spot of spotsOf(line, skin, sight, buffer)) {
      if (spot.seen) run.push(spot);
      else end();
    }
    end();
    return path;
  }).join('');
}

function spotsOf(
  anchors: readonly SkinAnchor[],
  skin: Float64Array,
  sight: Sight,
  buffer: Buffer,
): Spot[] {
  const { triangles } = restSkin();
  const places = new Float64Array(3 * anchors.length);
  anchors.forEach(([triangle, second, third], i) => {
    const shares = [1 - second - third, second, third];
    for (let corner = 0; corner < 3; corner += 1) {
      const v = 3 * triangles[3 * triangle + corner]!;
      for (let k = 0; k < 3; k += 1) places[3 * i + k]! += shares[corner]! * skin[v + k]!;
    }
  });
  const seen = project(sight, places);
  return anchors.map((_, i) => {
    const [x, y] = [seen[3 * i]!, seen[3 * i + 1]!];
    return { x, y, seen: isSeen(buffer, x, y, seen[3 * i + 2]!) };
  });
}

/** Whether a place is not hidden behind the hand. */
function isSeen(
  { width, height, dotMm, paddingMm, near }: Buffer,
  x: number,
  y: number,
  own: number,
): boolean {
  const [px, py] = [x, y].map((mm) => Math.floor((mm + paddingMm) / dotMm)) as [number, number];
  if (px < 0 || py < 0 || px >= width || py >= height) return false;
  const surface = near[py * width + px]!;
  return surface > 0 && 1 / own - 1 / surface < SEEN_WITHIN_MM;
}

const at = ({ x, y }: Spot) =>
  [Math.round(x * CLOSE_PER_MM), Math.round(y * CLOSE_PER_MM)] as const;

function closed(spots: readonly Spot[]): string {
  let [x, y] = at(spots[0]!);
  let path = `M${x} ${y}`;
  for (const spot of spots.slice(1)) {
    const [nx, ny] = at(spot);
    path += `l${nx - x} ${ny - y}`;
    [x, y] = [nx, ny];
  }
  return `${path}z`;
}

/** From middle to middle, bent toward the places between. */
function open(spots: readonly Spot[]): string {
  const places = spots.map(at);
  let [x, y] = places[0]!;
  let path = `M${x} ${y}`;
  for (let i = 1; i + 1 < places.length; i += 1) {
    const [[cx, cy], [nx, ny]] = [places[i]!, places[i + 1]!];
    const [mx, my] = [Math.round((cx + nx) / 2), Math.round((cy + ny) / 2)];
    path += `q${cx - x} ${cy - y} ${mx - x} ${my - y}`;
    [x, y] = [mx, my];
  }
  return path;
}
