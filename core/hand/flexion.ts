import { InputError } from '../issue';
import { DEG_PER_RAD, type Vec2, type Vec3 } from '../units';

/**
 * Signed flexion at B of A–B–C in a picture: 180° − ∠ABC, positive toward the palm, negative backward.
 *
 * @param a proximal point, px
 * @param b the joint, px
 * @param c distal point, px
 * @param clockwiseIsFlexion +1 when bending toward the palm turns the finger clockwise on screen
 *   (y down), −1 otherwise: `flexionSign` gives it for a view and hand
 * @returns degrees in (−180, 180]
 * @throws InputError `coincidentPoints` when a segment has no length
 * @example flexion2d({ x: 0, y: 0 }, { x: 1, y: 0 }, { x: 1, y: 1 }, 1) // 90
 */
export function flexion2d(a: Vec2, b: Vec2, c: Vec2, clockwiseIsFlexion: 1 | -1): number {
  const ux = b.x - a.x;
  const uy = b.y - a.y;
  const vx = c.x - b.x;
  const vy = c.y - b.y;
  if ((ux === 0 && uy === 0) || (vx === 0 && vy === 0)) throw noLength();
  // atan2 of the turn keeps its precision near 0° and 180°, where an arc cosine loses it.
  return Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy) * DEG_PER_RAD * clockwiseIsFlexion;
}

/**
 * Signed flexion at B of A–B–C in space: the turn about the joint's hinge from one segment to the next. What the
 * segments lean along the hinge does not count, so that a joint that is a little askew still passes through 0° as it
 * straightens.
 *
 * @param hinge axis about which a right-handed turn bends the finger toward the palm; any length but 0
 * @returns degrees in (−180, 180]
 * @throws InputError `coincidentPoints` when a segment or the hinge has no length, or a segment lies along the hinge
 * @example flexion3d({ x: 0, y: 0, z: 0 }, { x: 1, y: 0, z: 0 }, { x: 1, y: 1, z: 0 }, { x: 0, y: 0, z: 1 }) // 90
 */
export function flexion3d(a: Vec3, b: Vec3, c: Vec3, hinge: Vec3): number {
  const u = { x: b.x - a.x, y: b.y - a.y, z: b.z - a.z };
  const v = { x: c.x - b.x, y: c.y - b.y, z: c.z - b.z };
  const square = dot(hinge, hinge);
  const turned = dot(hinge, {
    x: u.y * v.z - u.z * v.y,
    y: u.z * v.x - u.x * v.z,
    z: u.x * v.y - u.y * v.x,
  });
  const along = dot(u, v) - (dot(u, hinge) * dot(v, hinge)) / square;
  if (square === 0 || (turned === 0 && along === 0)) throw noLength();
  return Math.atan2(turned / Math.sqrt(square), along) * DEG_PER_RAD;
}

const dot = (a: Vec3, b: Vec3) => a.x * b.x + a.y * b.y + a.z * b.z;

const noLength = () => new InputError([{ code: 'coincidentPoints', where: 'joint' }]);
