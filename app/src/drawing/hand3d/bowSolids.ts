import { BOW_SECTIONS, FROG_LENGTH_ESTIMATE } from '@open-palm/core/bow';
import type { Hold } from '@open-palm/core/holds';

/** The bow as it is drawn in space, mm: x to the tip from the frog's front, y away from the hair. */
export interface BowSolids {
  stickRadius: number;
  stickFrom: number;
  stickTo: number;
  gripTo: number;
  windingTo: number;
  frogLength: number;
  frogTop: number;
  frogBottom: number;
  frogDepth: number;
}

/** A bow of this kind; only as much of the stick as the hand needs to be understood. [memory] */
export function bowSolids(kind: Hold['bow']): BowSolids {
  const { stickRadiusMm, frogUndersideMm } = BOW_SECTIONS[kind];
  const isBass = kind === 'french-bass' || kind === 'german-bass';
  return {
    stickRadius: stickRadiusMm,
    stickFrom: -62,
    stickTo: 170,
    gripTo: 28,
    windingTo: 90,
    frogLength: FROG_LENGTH_ESTIMATE[kind].mm,
    frogTop: -stickRadiusMm + 0.5,
    frogBottom: -frogUndersideMm,
    frogDepth: isBass ? 17 : 12,
  };
}
