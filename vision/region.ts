import type { Place } from './picture';

/** A square cut out of a picture, turned: what a model is shown. */
export interface Region {
  /** Middle of the square, px of the picture. */
  x: number;
  y: number;
  /** Length of its side, px of the picture. */
  size: number;
  /** How far it is turned clockwise on the screen, radians: 0 has the square's top toward the picture's top. */
  angle: number;
}

/**
 * The place in the picture of a place in the square, whose sides run from 0 to 1, (0, 0) at its top left.
 *
 * @example toPicture({ x: 100, y: 50, size: 40, angle: 0 }, { x: 0.5, y: 0.5 }) // { x: 100, y: 50 }
 */
export function toPicture({ x, y, size, angle }: Region, { x: u, y: v }: Place): Place {
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  const dx = (u - 0.5) * size;
  const dy = (v - 0.5) * size;
  return { x: x + cos * dx - sin * dy, y: y + sin * dx + cos * dy };
}

/** The place in the square, 0 to 1, of a place in the picture: `toPicture` the other way round. */
export function toRegion({ x, y, size, angle }: Region, at: Place): Place {
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  const dx = at.x - x;
  const dy = at.y - y;
  return { x: (cos * dx + sin * dy) / size + 0.5, y: (-sin * dx + cos * dy) / size + 0.5 };
}

/**
 * How a square must be turned so that the direction from one place to another points to its top, radians.
 *
 * @example uprightAngle({ x: 0, y: 0 }, { x: 10, y: 0 }) // 1.571
 */
export const uprightAngle = (from: Place, to: Place): number =>
  Math.atan2(to.x - from.x, from.y - to.y);

/**
 * Moves a square along its own axes.
 *
 * @param right, up in sides of the square
 */
export function shifted(region: Region, right: number, up: number): Region {
  const { x, y } = toPicture(region, { x: 0.5 + right, y: 0.5 - up });
  return { ...region, x, y };
}

/** Squares that show nearly the same: nearly as large, turned nearly alike, and less than a quarter of a side apart. */
export function isSameSquare(a: Region, b: Region): boolean {
  return (
    Math.hypot(a.x - b.x, a.y - b.y) < 0.25 * Math.min(a.size, b.size) &&
    Math.abs(Math.log(a.size / b.size)) < 0.3 &&
    Math.cos(a.angle - b.angle) > 0.87
  );
}
