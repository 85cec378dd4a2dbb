import type { Vec2 } from '@open-palm/core/units';

/** A chain of bones drawn from its root: each bone's length and how it turns against the one before, degrees. */
export interface Bone {
  length: number;
  turnDeg: number;
}

/** The joints of a chain, from its root to its tip; y down, a positive turn is clockwise. */
export function chain(root: Vec2, headingDeg: number, bones: readonly Bone[]): Vec2[] {
  const joints = [root];
  let heading = headingDeg;
  let at = root;
  for (const { length, turnDeg } of bones) {
    heading += turnDeg;
    const rad = (heading * Math.PI) / 180;
    at = { x: at.x + length * Math.cos(rad), y: at.y + length * Math.sin(rad) };
    joints.push(at);
  }
  return joints;
}

/** The frame around drawn points with room on every side, as an SVG viewBox of a fixed shape. */
export function frameAround(points: readonly Vec2[], room: number, aspect: number): string {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const [left, right] = [Math.min(...xs) - room, Math.max(...xs) + room];
  const [top, bottom] = [Math.min(...ys) - room, Math.max(...ys) + room];
  const width = Math.max(right - left, (bottom - top) * aspect);
  const height = width / aspect;
  return [(left + right - width) / 2, (top + bottom - height) / 2, width, height]
    .map((n) => n.toFixed(2))
    .join(' ');
}
