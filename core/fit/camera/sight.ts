import type { Rotation } from '../rotation';

/** The tilt of one line of sight against another, and how small further turns change it. */
export interface Sight {
  /** About the picture's own x and y, radians; their length is the angle between the lines. */
  across: readonly [number, number];
  /** By small turns of the camera about its own x and y. A turn about the line itself changes nothing. */
  jacobian: readonly [readonly [number, number], readonly [number, number]];
}

/**
 * How far a camera looks from elsewhere than another, whatever way either picture is turned: the part of the turn between them that is
 * left when the turn about the line of sight is taken out (swing and twist).
 *
 * @param turn from the other camera's frame into this one's
 */
export function sightBetween(turn: Rotation): Sight {
  // The other camera's line of sight is z; this is where this camera's own lies in its frame.
  const [x, y, z] = [turn[6]!, turn[7]!, turn[8]!];
  const sin = Math.hypot(x, y);
  const angle = Math.atan2(sin, z);
  // θ / sin θ and its slope by cos θ; by their series near 0, where the quotients lose their digits.
  const isSmall = sin < 1e-4 && z > 0;
  const stretch = isSmall ? 1 + (angle * angle) / 6 : angle / Math.max(sin, NEARLY_OPPOSITE);
  const slope = isSmall ? -1 / 3 : (angle * z - sin) / Math.max(sin, NEARLY_OPPOSITE) ** 3;
  // Turned by δ about the camera's own axes, its line of sight moves by δx times the second row less δy times the first.
  const by = (dx: number, dy: number, dz: number): [number, number] => [
    stretch * dy + slope * dz * y,
    -(stretch * dx + slope * dz * x),
  ];
  const aboutX = by(turn[3]!, turn[4]!, turn[5]!);
  const aboutY = by(-turn[0]!, -turn[1]!, -turn[2]!);
  return {
    across: [stretch * y, -stretch * x],
    jacobian: [
      [aboutX[0], aboutY[0]],
      [aboutX[1], aboutY[1]],
    ],
  };
}

/** Straight from behind every direction is as far: the tilt stays a number there. */
const NEARLY_OPPOSITE = 1e-6;
