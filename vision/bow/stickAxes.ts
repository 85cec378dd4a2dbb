import { someOf, type Edges } from './edges';
import { normalOf, type Band, type Line } from './line';

/** What may be the stick, as its two edges tell it. */
export interface StickAxis extends Band {
  /** Stretches along it in which both edges are there. */
  stretches: number;
}

const TURNS_DEG = [-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2];
/** Edges further from the stick's direction are something else's. [memory] */
const PARALLEL_COS = Math.cos((9 * Math.PI) / 180);
/** Offsets are counted in steps of this, px; an edge speaks for this many of them on either side. */
const STEP_PX = 0.5;
const SPREAD = 4;
/** Length of a stretch along the stick, px; they are kept as bits. */
const STRETCH_PX = 4;
const WORDS = 16;
/** Fewer stretches with both edges tell of no stick. */
const LEAST_STRETCHES = 6;
/** How many pairs of edges of a band are looked at; pairs as near as this are one, px. [measured] */
const PAIRS = 6;
/** Of pairs whose offsets lie in the same cell of so many steps only the best is looked at. */
const CELL = 4;
const SAME_PX = 2;

interface Pair {
  theta: number;
  from: number;
  to: number;
  stretches: number;
}

/**
 * The axes that a band may stand for, the likeliest pairs of its edges each fitted as two lines: a gleam along the stick, its winding and the
 * hair have edges of their own. The two lines need not be parallel: a stick tapers, and goes away from the camera.
 *
 * @param widths least and most width of the stick, px
 */
export function stickAxes(
  edges: Edges,
  band: Band,
  widths: { least: number; most: number },
): StickAxis[] {
  const near = edgesNear(edges, band, widths.most);
  const pivot = middleOf(near, band);
  return pairsOf(near, band, pivot, widths).flatMap(
    (pair) => axisOf(near, pivotLine(pivot, pair.theta), pair) ?? [],
  );
}

/** The edges that can be the band's, however it is turned within reach. */
function edgesNear(edges: Edges, { theta, rho }: Band, far: number): Edges {
  const n = normalOf(theta);
  const kept: number[] = [];
  for (let k = 0; k < edges.count; k += 1) {
    const off = Math.abs(edges.x[k]! * n.x + edges.y[k]! * n.y - rho);
    const along = Math.abs(edges.towardX[k]! * n.x + edges.towardY[k]! * n.y);
    if (off < far + REACH_PX && along > LOOSELY_PARALLEL_COS) kept.push(k);
  }
  return someOf(edges, kept);
}

/** How far turning a band by two degrees moves its ends, px. */
const REACH_PX = 20;
const LOOSELY_PARALLEL_COS = Math.cos((11 * Math.PI) / 180);

/** The middle of what is seen of a band: turned about it, the band stays where it is. */
function middleOf({ x, y, count }: Edges, { theta, rho, widthPx }: Band): { x: number; y: number } {
  const n = normalOf(theta);
  const d = { x: Math.cos(theta), y: Math.sin(theta) };
  let sum = 0;
  let seen = 0;
  for (let k = 0; k < count; k += 1) {
    if (Math.abs(x[k]! * n.x + y[k]! * n.y - rho) > widthPx * 0.7) continue;
    sum += x[k]! * d.x + y[k]! * d.y;
    seen += 1;
  }
  const u = seen === 0 ? 0 : sum / seen;
  return { x: n.x * rho + d.x * u, y: n.y * rho + d.y * u };
}

function pivotLine(at: { x: number; y: number }, theta: number): Line {
  const n = normalOf(theta);
  return { theta, rho: at.x * n.x + at.y * n.y };
}

/** The pairs of offsets that most stretches along the stick have edges at, turned a little either way. */
function pairsOf(
  edges: Edges,
  band: Band,
  pivot: { x: number; y: number },
  widths: { least: number; most: number },
): Pair[] {
  const far = widths.most;
  const across = Math.ceil((2 * far) / STEP_PX / CELL) + 1;
  const scores = new Float32Array(across * across);
  const pairs = new Map<number, Pair & { score: number }>();
  for (const turn of TURNS_DEG) {
    const theta = band.theta + (turn * Math.PI) / 180;
    const { dark, light } = stretchesByOffset(edges, pivotLine(pivot, theta), far);
    const lights = light.map((bits) => (bits ? inBoth(bits, bits) : 0));
    for (let a = 0; a < dark.length; a += 1) {
      const own = dark[a];
      if (!own) continue;
      const most = inBoth(own, own);
      const last = Math.min(light.length, a + widths.most / STEP_PX);
      for (let b = a + Math.ceil(widths.least / STEP_PX); b < last; b += 1) {
        const cell = Math.floor(a / CELL) * across + Math.floor(b / CELL);
        const wide = Math.sqrt(b - a);
        const beaten = Math.max(scores[cell]!, (LEAST_STRETCHES - 1) * wide);
        if (Math.min(most, lights[b]!) * wide <= beaten) continue;
        const stretches = inBoth(own, light[b]!);
        const score = stretches * wide;
        if (score <= beaten) continue;
        scores[cell] = score;
        const [from, to] = [a * STEP_PX - far, b * STEP_PX - far];
        pairs.set(cell, { theta, from, to, stretches, score });
      }
    }
  }
  const chosen: Pair[] = [];
  for (const pair of [...pairs.values()].sort((a, b) => b.score - a.score)) {
    const isNew = !chosen.some(
      ({ from, to }) => Math.abs(from - pair.from) <= SAME_PX && Math.abs(to - pair.to) <= SAME_PX,
    );
    if (isNew) chosen.push(pair);
    if (chosen.length === PAIRS) break;
  }
  return chosen;
}

/** At every offset from a line, in which stretches along it it gets darker across it, and in which lighter. */
function stretchesByOffset(edges: Edges, { theta, rho }: Line, far: number) {
  const n = normalOf(theta);
  const [c, s] = [Math.cos(theta), Math.sin(theta)];
  const bins = Math.ceil((2 * far) / STEP_PX) + 1;
  const dark: (Int32Array | undefined)[] = Array.from({ length: bins });
  const light: (Int32Array | undefined)[] = Array.from({ length: bins });
  for (let k = 0; k < edges.count; k += 1) {
    const off = edges.x[k]! * n.x + edges.y[k]! * n.y - rho;
    if (Math.abs(off) >= far) continue;
    const along = edges.towardX[k]! * n.x + edges.towardY[k]! * n.y;
    if (Math.abs(along) < PARALLEL_COS) continue;
    const stretch = Math.floor((edges.x[k]! * c + edges.y[k]! * s) / STRETCH_PX) + WORDS * 16;
    if (stretch < 0 || stretch >= WORDS * 32) continue;
    const at = (off + far) / STEP_PX;
    const side = along > 0 ? light : dark;
    const last = Math.min(bins - 1, at + SPREAD);
    for (let bin = Math.max(0, Math.ceil(at - SPREAD)); bin <= last; bin += 1) {
      (side[bin] ??= new Int32Array(WORDS))[stretch >> 5]! |= 1 << (stretch & 31);
    }
  }
  return { dark, light };
}

/** How many bits are set in both. */
function inBoth(a: Int32Array, b: Int32Array): number {
  let count = 0;
  for (let i = 0; i < WORDS; i += 1) {
    let bits = a[i]! & b[i]!;
    bits -= (bits >>> 1) & 0x55555555;
    bits = (bits & 0x33333333) + ((bits >>> 2) & 0x33333333);
    count += Math.imul((bits + (bits >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
  }
  return count;
}

/** The line midway between a pair's two edges. */
function axisOf(
  edges: Edges,
  { theta, rho }: Line,
  { from, to, stretches }: Pair,
): StickAxis | null {
  const first = edgeLine(edges, { theta, rho: rho + from }, -1);
  const second = edgeLine(edges, { theta, rho: rho + to }, 1);
  if (!first || !second) return null;
  const middle = rho + (from + to + first.offset + second.offset) / 2;
  const turned = theta + Math.atan((first.slope + second.slope) / 2);
  const n = normalOf(turned);
  return {
    theta: turned,
    rho: middle * (Math.cos(theta) * n.y - Math.sin(theta) * n.x),
    widthPx: to - from,
    stretches,
  };
}

/** How near to a line an edge may be to speak for it, px; and how fast it loses its say, first and at last. */
const NEAR_PX = 5;
const TOLERANCE_PX = { first: 2.5, last: 1.2 };
const ROUNDS = 8;
const LEAST_EDGES = 12;

/** A line through one side's edges, as offset and slope from a line near them; what is far off counts little. */
function edgeLine(
  edges: Edges,
  { theta, rho }: Line,
  side: 1 | -1,
): { offset: number; slope: number } | null {
  const n = normalOf(theta);
  const [c, s] = [Math.cos(theta), Math.sin(theta)];
  const places: { u: number; v: number }[] = [];
  for (let k = 0; k < edges.count; k += 1) {
    const v = edges.x[k]! * n.x + edges.y[k]! * n.y - rho;
    const along = edges.towardX[k]! * n.x + edges.towardY[k]! * n.y;
    if (Math.abs(v) > NEAR_PX || along * side < PARALLEL_COS) continue;
    places.push({ u: edges.x[k]! * c + edges.y[k]! * s, v });
  }
  if (places.length < LEAST_EDGES) return null;
  let [offset, slope] = [0, 0];
  for (let round = 0; round < ROUNDS; round += 1) {
    const tolerance = round < 3 ? TOLERANCE_PX.first : TOLERANCE_PX.last;
    let [sw, su, sv, suu, suv] = [0, 0, 0, 0, 0];
    for (const { u, v } of places) {
      const r = (v - offset - slope * u) / tolerance;
      const w = 1 / (1 + r * r * r * r);
      sw += w;
      su += w * u;
      sv += w * v;
      suu += w * u * u;
      suv += w * u * v;
    }
    const det = sw * suu - su * su;
    if (sw < LEAST_EDGES / 2 || Math.abs(det) < 1e-6) return null;
    slope = (sw * suv - su * sv) / det;
    offset = (sv - slope * su) / sw;
  }
  return { offset, slope };
}
