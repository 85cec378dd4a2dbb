import type { Vec2 } from '@open-palm/core/units';

const STEPS_PER_SEGMENT = 8;
const CAP_STEPS = 10;

/**
 * The outline of a soft tube along a smooth line, open at its first point and rounded at its last: how a finger is
 * drawn.
 *
 * @param centers joints from base to tip, at least two
 * @param radii half the width at each joint
 * @returns the outline's points, from one side of the base round the tip to the other
 */
export function tubeOutline(centers: readonly Vec2[], radii: readonly number[]): Vec2[] {
  const line = smoothLine(centers, radii);
  const left: Vec2[] = [];
  const right: Vec2[] = [];
  line.forEach((sample, i) => {
    const before = line[Math.max(0, i - 1)]!;
    const after = line[Math.min(line.length - 1, i + 1)]!;
    const length = Math.hypot(after.x - before.x, after.y - before.y) || 1;
    const nx = -(after.y - before.y) / length;
    const ny = (after.x - before.x) / length;
    left.push({ x: sample.x + nx * sample.r, y: sample.y + ny * sample.r });
    right.push({ x: sample.x - nx * sample.r, y: sample.y - ny * sample.r });
  });
  const tip = line.at(-1)!;
  const start = Math.atan2(left.at(-1)!.y - tip.y, left.at(-1)!.x - tip.x);
  const cap = Array.from({ length: CAP_STEPS - 1 }, (_, i) => {
    const angle = start - (Math.PI * (i + 1)) / CAP_STEPS;
    return { x: tip.x + tip.r * Math.cos(angle), y: tip.y + tip.r * Math.sin(angle) };
  });
  return [...left, ...cap, ...right.reverse()];
}

/** Catmull and Rom's curve through the joints, with the radius going along. */
function smoothLine(centers: readonly Vec2[], radii: readonly number[]) {
  const samples: { x: number; y: number; r: number }[] = [];
  for (let i = 0; i < centers.length - 1; i += 1) {
    const [p0, p1, p2, p3] = [i - 1, i, i + 1, i + 2].map(
      (k) => centers[Math.min(centers.length - 1, Math.max(0, k))]!,
    ) as [Vec2, Vec2, Vec2, Vec2];
    const last = i === centers.length - 2 ? STEPS_PER_SEGMENT : STEPS_PER_SEGMENT - 1;
    for (let step = 0; step <= last; step += 1) {
      const t = step / STEPS_PER_SEGMENT;
      samples.push({
        x: catmullRom(p0.x, p1.x, p2.x, p3.x, t),
        y: catmullRom(p0.y, p1.y, p2.y, p3.y, t),
        r: radii[i]! + (radii[i + 1]! - radii[i]!) * t,
      });
    }
  }
  return samples;
}

const catmullRom = (a: number, b: number, c: number, d: number, t: number) =>
  0.5 *
  (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t ** 3);

/** Points as an SVG path. */
export const pathThrough = (points: readonly Vec2[], close = false) =>
  points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`).join('') +
  (close ? 'Z' : '');
