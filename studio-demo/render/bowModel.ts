import { Vector3 } from 'three';
import { BOW_SECTIONS, FROG_LENGTH_ESTIMATE } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';

/**
 * A rendered bow, mm: dimensions as in the holds' frame, x = 0 at the frog's front and positive toward the tip, y away
 * from the hair. [memory]
 */
export interface BowModel {
  frogLengthMm: number;
  stickRadiusMm: number;
  /** From the button's end to the end of the stick in the picture. */
  stickFromMm: number;
  stickToMm: number;
  buttonLengthMm: number;
  frog: { topMm: number; bottomMm: number; depthMm: number };
  /** How far the throat is cut out behind the frog's front. */
  throatMm: number;
  ferruleLengthMm: number;
  gripFromMm: number;
  gripToMm: number;
  windingToMm: number;
  hairYMm: number;
  paint: { wood: string; frog: string; metal: string; winding: string };
}

/** Red-brown wood and an ebony frog. */
const USUAL_PAINT = { wood: '#6b331a', frog: '#1d1916', metal: '#c9c4b6', winding: '#a39a86' };

const bow = (kind: Hold['bow'], frogDepthMm: number, more: Partial<BowModel> = {}): BowModel => {
  const { stickRadiusMm, frogUndersideMm } = BOW_SECTIONS[kind];
  const frogLengthMm = FROG_LENGTH_ESTIMATE[kind].mm;
  return {
    frogLengthMm,
    stickRadiusMm,
    stickFromMm: -frogLengthMm - 16,
    stickToMm: 620,
    buttonLengthMm: 13,
    frog: { topMm: -stickRadiusMm + 0.3, bottomMm: -frogUndersideMm - 1, depthMm: frogDepthMm },
    throatMm: 9,
    ferruleLengthMm: 11,
    gripFromMm: 2,
    gripToMm: 26,
    windingToMm: 100,
    hairYMm: -frogUndersideMm + 1,
    paint: USUAL_PAINT,
    ...more,
  };
};

export const BOWS: Record<Hold['bow'], BowModel> = {
  violin: bow('violin', 12),
  cello: bow('cello', 14, { gripToMm: 28 }),
  'french-bass': bow('french-bass', 17, { gripToMm: 30, throatMm: 11, windingToMm: 60 }),
  'german-bass': bow('german-bass', 17, {
    gripFromMm: 4,
    gripToMm: 22,
    throatMm: 16,
    windingToMm: 40,
  }),
};

/** Thickness that the grip's leather adds to the stick, mm. */
export const LEATHER_MM = 0.9;

/** The front of the frog's body, behind its throat. */
export const bodyFrontMm = ({ throatMm }: BowModel): number => -throatMm;

/** Where the bow's four marks lie in space: on the stick's axis and at the frog's ends, [x, y, z] mm. */
export const bowMarks = ({ frogLengthMm, frog }: BowModel) => {
  const heightMm = (frog.topMm + frog.bottomMm) / 2 + 4;
  return {
    stickHandEnd: [-frogLengthMm - 1, 0, 0],
    stickTipEnd: [85, 0, 0],
    frogFront: [0, heightMm, 0],
    frogBack: [-frogLengthMm, heightMm, 0],
  } as const;
};

/** How far a place is from the bow's wood, leather and metal, mm; negative inside. Stick as a rod, frog as its boxes. */
export function distanceToBow(model: BowModel, { x, y, z }: Vector3): number {
  const { stickRadiusMm, gripFromMm, gripToMm, frog, frogLengthMm, ferruleLengthMm } = model;
  const isGrip = x > gripFromMm && x < gripToMm;
  const rod = Math.hypot(y, z) - stickRadiusMm - (isGrip ? LEATHER_MM : 0);
  const stick = x < model.stickFromMm ? Math.max(rod, model.stickFromMm - x) : rod;
  const box = (fromX: number, toX: number, fromY: number, toY: number, depth: number) => {
    const away = [
      Math.abs(x - (fromX + toX) / 2) - (toX - fromX) / 2,
      Math.abs(y - (fromY + toY) / 2) - (toY - fromY) / 2,
      Math.abs(z) - depth / 2,
    ] as const;
    const outside = Math.hypot(...away.map((a) => Math.max(0, a)));
    return outside + Math.min(0, Math.max(...away));
  };
  const front = bodyFrontMm(model);
  return Math.min(
    stick,
    box(-frogLengthMm, front, frog.bottomMm, frog.topMm, frog.depthMm),
    box(front, 0, frog.topMm - 4, frog.topMm, frog.depthMm - 3),
    box(front, front + ferruleLengthMm, frog.bottomMm, frog.bottomMm + 7, frog.depthMm),
  );
}
