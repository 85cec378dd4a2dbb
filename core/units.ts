/** Degrees in one radian; angles are degrees everywhere outside a formula. */
export const DEG_PER_RAD = 180 / Math.PI;

/** A point or vector in a picture: pixels, x to the right, y down. */
export interface Vec2 {
  x: number;
  y: number;
}

/** A point or vector in space, in one length unit throughout. */
export interface Vec3 {
  x: number;
  y: number;
  z: number;
}

/** A length known from outside the picture, with the SD of that knowledge, both mm. */
export interface KnownLength {
  mm: number;
  sdMm: number;
}
