import { BOW_SECTIONS } from './bowSection';
import { FROG_LENGTH_ESTIMATE } from './scale';

export type BowBodyKind = keyof typeof BOW_SECTIONS;

/**
 * A bow as a body around the hand, mm, in the holds' frame: x = 0 at the frog's front and positive toward the tip, y away from the hair,
 * z toward the fingers' side of an over-hand hold. [memory]
 */
export interface BowBody {
  frogLengthMm: number;
  stickRadiusMm: number;
  /** Where the button ends. */
  stickFromMm: number;
  buttonLengthMm: number;
  frog: { topMm: number; bottomMm: number; depthMm: number };
  /** How far the throat is cut out behind the frog's front. */
  throatMm: number;
  ferruleLengthMm: number;
  gripFromMm: number;
  gripToMm: number;
  windingToMm: number;
  hairYMm: number;
}

const body = (kind: BowBodyKind, frogDepthMm: number, more: Partial<BowBody> = {}): BowBody => {
  const { stickRadiusMm, frogUndersideMm } = BOW_SECTIONS[kind];
  const frogLengthMm = FROG_LENGTH_ESTIMATE[kind].mm;
  return {
    frogLengthMm,
    stickRadiusMm,
    stickFromMm: -frogLengthMm - 16,
    buttonLengthMm: 13,
    frog: { topMm: -stickRadiusMm + 0.3, bottomMm: -frogUndersideMm - 1, depthMm: frogDepthMm },
    throatMm: 9,
    ferruleLengthMm: 11,
    gripFromMm: 2,
    gripToMm: 26,
    windingToMm: 100,
    hairYMm: -frogUndersideMm + 1,
    ...more,
  };
};

/** Full-size bows by kind. */
export const BOW_BODIES: Record<BowBodyKind, BowBody> = {
  violin: body('violin', 12),
  cello: body('cello', 14, { gripToMm: 28 }),
  'french-bass': body('french-bass', 17, { gripToMm: 30, throatMm: 11, windingToMm: 60 }),
  'german-bass': body('german-bass', 17, {
    gripFromMm: 4,
    gripToMm: 22,
    throatMm: 16,
    windingToMm: 40,
  }),
};

/** A bow of another size: everything is as much smaller. */
export function scaledBody(bow: BowBody, by: number): BowBody {
  if (by === 1) return bow;
  const { frog, ...lengths } = bow;
  const scaled = Object.fromEntries(Object.entries(lengths).map(([name, mm]) => [name, mm * by]));
  return {
    ...(scaled as Omit<BowBody, 'frog'>),
    frog: { topMm: frog.topMm * by, bottomMm: frog.bottomMm * by, depthMm: frog.depthMm * by },
  };
}

/** Thickness that the grip's leather adds to the stick, mm. */
export const LEATHER_MM = 0.9;

/** The front of the frog's body, behind its throat. */
export const bodyFrontMm = ({ throatMm }: BowBody): number => -throatMm;

/** How far a place is from the bow's wood, leather and metal, mm; negative inside. The stick is a rod, the frog boxes. */
export function distanceToBow(bow: BowBody, x: number, y: number, z: number): number {
  const { stickRadiusMm, gripFromMm, gripToMm, frog, frogLengthMm, ferruleLengthMm } = bow;
  const isGrip = x > gripFromMm && x < gripToMm;
  const rod = Math.sqrt(y * y + z * z) - stickRadiusMm - (isGrip ? LEATHER_MM : 0);
  const stick = x < bow.stickFromMm ? Math.max(rod, bow.stickFromMm - x) : rod;
  const front = bodyFrontMm(bow);
  const { topMm, bottomMm, depthMm } = frog;
  return Math.min(
    stick,
    toBox(x, y, z, -frogLengthMm, front, bottomMm, topMm, depthMm),
    toBox(x, y, z, front, 0, topMm - 4, topMm, depthMm - 3),
    toBox(x, y, z, front, front + ferruleLengthMm, bottomMm, bottomMm + 7, depthMm),
  );
}

function toBox(
  atX: number,
  atY: number,
  atZ: number,
  fromX: number,
  toX: number,
  fromY: number,
  toY: number,
  depth: number,
): number {
  const ax = Math.abs(atX - (fromX + toX) / 2) - (toX - fromX) / 2;
  const ay = Math.abs(atY - (fromY + toY) / 2) - (toY - fromY) / 2;
  const az = Math.abs(atZ) - depth / 2;
  if (ax <= 0 && ay <= 0 && az <= 0) return Math.max(ax, ay, az);
  const [x, y, z] = [ax > 0 ? ax : 0, ay > 0 ? ay : 0, az > 0 ? az : 0];
  return Math.sqrt(x * x + y * y + z * z);
}
