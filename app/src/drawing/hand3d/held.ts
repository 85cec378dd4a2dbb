export type Point3 = readonly [number, number, number];

/** A left hand is told in the mirror of a right one: this shows it as it is. */
export const asHeld = (pointsMm: readonly Point3[], side: 'right' | 'left'): Point3[] =>
  side === 'right' ? [...pointsMm] : pointsMm.map(([x, y, z]) => [-x, y, z]);
